export { KitchenPage } from './KitchenPage';
export { RulesPage } from './RulesPage';
