export { FormulasPage } from './FormulasPage';
export { FormulaPage } from './FormulaPage';
export { EditorPage } from './EditorPage';
