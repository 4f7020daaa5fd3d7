import { expect, it } from 'vitest';
import { choiceOf } from './bounds';

it.each([
  ['45 %', { least: 0.058, most: 0.27, unit: '' }, '5.8 to 27 %'],
  ['45', { least: 0.058, most: 0.27, unit: '' }, '5.8 to 27 %'],
  ['60 in', { least: 0.02, most: 1.5, unit: 'm' }, '0.788 to 59 in'],
  ['900 F', { least: 50, most: 350, unit: '°C' }, '122 to 662 °F'],
  ['200 lb', { least: 0.001, most: 60, unit: 'kg' }, '0.003 to 132 lb'],
])('%s is refused in its own unit', (text, bounds, range) =>
  expect(choiceOf(text, bounds)).toBe(`Choose ${range}.`),
);

it('leaves the words of the server where no unit was typed', () => {
  expect(choiceOf('900', { least: 0.02, most: 1.5, unit: 'm' })).toBeUndefined();
  expect(choiceOf('900 K', { least: 0.1, most: 10, unit: 'K' })).toBeUndefined();
});
