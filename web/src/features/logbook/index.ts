export { LogbookPage as default } from './LogbookPage';
