export { QuantityField } from './QuantityField';
export { parseQuantity, readAs, typed, withUnit, type Measures, type Understanding } from './parse';
export { choiceOf } from './bounds';
export { said } from './said';
export { lastWords, nextWords, parseHour } from './timeOfDay';
export * as show from './format';
export type { Shown, Units, Writing } from './format';
export type { Kind } from './units';
