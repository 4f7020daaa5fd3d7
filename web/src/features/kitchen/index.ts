export { BeginPage } from './BeginPage';
export { KitchenPage } from './KitchenPage';
export { RulesPage } from './RulesPage';
