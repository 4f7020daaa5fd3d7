export { KitchenPage as default } from './KitchenPage';
export { RulesPage } from './RulesPage';
