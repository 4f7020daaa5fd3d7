export { BalancePage as default } from './BalancePage';
