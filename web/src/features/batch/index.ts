export { PotsPage as default } from './PotsPage';
