export { PantryPage } from './PantryPage';
