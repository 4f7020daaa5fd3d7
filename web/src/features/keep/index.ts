export { KeepPage } from './KeepPage';
export { CoolPage } from './CoolPage';
export { LotPage } from './LotPage';
export { PutAwayPage } from './PutAwayPage';
export { TracePage } from './TracePage';
