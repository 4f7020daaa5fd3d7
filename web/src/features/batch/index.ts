export { HandOverPage } from './HandOverPage';
export { PotsPage as default } from './PotsPage';
