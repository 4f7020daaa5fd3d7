export { PlanPage as default } from './PlanPage';
