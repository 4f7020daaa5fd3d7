export { PanelPage as default } from './PanelPage';
export { TastePage } from './TastePage';
