import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { parseQuantity, readAs } from './parse';
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
  readAs({ pint: 'IMPERIAL', units: 'METRIC' });
  const read = parseQuantity(text, 'VOLUME', 'ml');
  readAs({ pint: 'US', units: 'METRIC' });
  expect(read.outcome === 'understood' && read.value * 1e6).toBeCloseTo(milliliters, 2);
});

describe('in a kitchen with US units', () => {
  beforeEach(() => readAs({ pint: 'US', units: 'US' }));
  afterEach(() => readAs({ pint: 'US', units: 'METRIC' }));

  it.each([
    ['5', 'MASS', 'kg', 5 * 0.45359237, '5 lb'],
    ['2', 'VOLUME', 'l', 2 * 0.000946352946, '2 qt'],
    ['8', 'VOLUME', 'ml', 8 * 2.95735295625e-5, '8 fl oz'],
    ['1 1/2', 'LENGTH', 'mm', 0.0381, '1 1/2 in'],
    ['158', 'TEMPERATURE', 'c', 70, '158 °F'],
    ['-4', 'TEMPERATURE', 'c', -20, '-4 °F'],
    ['12', 'SHARE', '%', 0.12, '12 %'],
    ['5 kg', 'MASS', 'kg', 5, '5 kg'],
    ['70 °C', 'TEMPERATURE', 'c', 70, '70 °C'],
  ] as const)(
    'reads %s of %s in %s as that kitchen means it',
    (text, kind, own, value, entered) => {
      const read = parseQuantity(text, kind, own);
      expect(read).toMatchObject({ outcome: 'understood', entered });
      expect(read.outcome === 'understood' && read.value).toBeCloseTo(value, 9);
    },
  );

  it('asks where a bare number may be ounces or grams', () => {
    expect(parseQuantity('12', 'MASS', 'g')).toEqual({
      outcome: 'ask',
      message: 'Is 12 in ounces or in grams? Type 12 oz or 12 g.',
    });
    expect(parseQuantity('12 g', 'MASS', 'g')).toMatchObject({ value: 0.012 });
    expect(parseQuantity('  ', 'MASS', 'g')).toMatchObject({ outcome: 'refuse' });
  });

  it('keeps a text that says the same in a kitchen with metric units', () => {
    const units = {
      MASS: ['kg'],
      VOLUME: ['ml', 'l'],
      LENGTH: ['mm', 'm'],
      TEMPERATURE: ['c'],
    };
    for (const [kind, owns] of Object.entries(units))
      for (const own of owns)
        for (const text of ['7', '2.5', '3 1/4', '¾', '1,5']) {
          readAs({ pint: 'US', units: 'US' });
          const here = parseQuantity(text, kind as Kind, own);
          if (here.outcome !== 'understood') throw new Error(`${text} ${own}`);
          readAs({ pint: 'US', units: 'METRIC' });
          expect(parseQuantity(here.entered, kind as Kind, own)).toEqual(here);
        }
  });
});
