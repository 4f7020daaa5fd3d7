export { KeepPage as default } from './KeepPage';
export { CoolPage } from './CoolPage';
