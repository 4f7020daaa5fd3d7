export { LogbookPage as default } from './LogbookPage';
export { ComparePage } from './ComparePage';
export { RecordPage } from './RecordPage';
