export { PanelPage } from './PanelPage';
export { TastePage } from './TastePage';
