export { TodayPage as default } from './TodayPage';
