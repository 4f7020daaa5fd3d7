export { HandOverPage } from './HandOverPage';
export { PotsPage } from './PotsPage';
