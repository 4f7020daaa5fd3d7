export { KitchenPage as default } from './KitchenPage';
