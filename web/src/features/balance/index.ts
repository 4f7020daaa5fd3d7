export { BalancePage } from './BalancePage';
