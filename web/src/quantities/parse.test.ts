import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { parseQuantity, readPintsAs } from './parse';
import type { Kind } from './units';

const measures = new Map([
  ['ladle', 0.12],
  ['handful', 0.008],
]);

// The corpus that the units module's parser passes too.
const rows = readFileSync('../units/src/test/resources/quantity-texts.csv', 'utf8')
  .split('\n')
  .filter((line) => line && !line.startsWith('#'))
  .slice(1)
  .map((line) => line.split('|') as [Kind, string, string, string]);

it.each(rows)('%s in %s: %s', (kind, own, text, outcome) => {
  const read = parseQuantity(text, kind, own, measures);
  if (outcome === 'ask' || outcome === 'refuse') expect(read.outcome).toBe(outcome);
  else {
    expect(read.outcome).toBe('understood');
    const value = read.outcome === 'understood' ? read.value : NaN;
    expect(Math.abs(value - Number(outcome))).toBeLessThanOrEqual(
      1e-8 * Math.max(Math.abs(Number(outcome)), 1e-3),
    );
  }
});

// UK Weights and Measures Act 1985: 568.26125 ml to the pint, 20 fluid ounces, 2 to the quart, 8 to the gallon.
it.each([
  ['1 pint', 568.26125],
  ['1 qt', 1136.5225],
  ['1 gallon', 4546.09],
  ['2 fl oz', 56.826125],
  ['1 cup', 236.588],
])('an imperial kitchen reads %s', (text, milliliters) => {
  readPintsAs('IMPERIAL');
  const read = parseQuantity(text, 'VOLUME', 'ml');
  readPintsAs('US');
  expect(read.outcome === 'understood' && read.value * 1e6).toBeCloseTo(milliliters, 2);
});
