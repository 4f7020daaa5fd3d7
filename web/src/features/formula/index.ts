export { FormulasPage as default } from './FormulasPage';
export { FormulaPage } from './FormulaPage';
export { EditorPage } from './EditorPage';
