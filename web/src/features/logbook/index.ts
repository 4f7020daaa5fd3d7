export { LogbookPage } from './LogbookPage';
export { ComparePage } from './ComparePage';
export { RecordPage } from './RecordPage';
