export { PantryPage as default } from './PantryPage';
