import { afterEach, expect, it } from 'vitest';
import {
  depth,
  hour,
  mass,
  massMark,
  quarters,
  significant,
  span,
  spoons,
  text,
  writeAs,
} from './format';

afterEach(() => writeAs({ hours: 'H24', decimalMark: 'POINT' }));

it.each([
  [5.806, 'METRIC', '5.81 kg'],
  [0.2646, 'METRIC', '265 g'],
  [0.0189, 'METRIC', '19 g'],
  [0.0042, 'METRIC', '4.2 g'],
  [0.794, 'US', '1 lb 12 oz'],
  [0.45359237, 'US', '1 lb'],
  [0.05, 'US', '1¾ oz'],
  [0.0042, 'US', '4.2 g'],
  [0.0002, 'US', '0.2 g'],
  [0.015, 'US', '½ oz'],
] as const)('mass %f %s is %s', (kilograms, units, shown) =>
  expect(text(mass(kilograms, units))).toBe(shown),
);

it('marks an axis in one unit', () =>
  expect([massMark(5.04, 'METRIC'), massMark(4.5359237, 'US')]).toEqual(['5.0 kg', '10 lb']));

it('measures in quarter spoons', () => {
  expect(text(spoons(14.7868e-6 * 1.5))).toBe('1½ tbsp');
  expect(text(spoons(4.92892e-6 / 2))).toBe('½ tsp');
  expect(quarters(2)).toBe('2');
});

it('shows the kitchen’s clock, not the device’s', () => {
  expect(hour('2026-07-01T16:30:00Z', 'Europe/Zurich')).toBe('18:30');
  expect(hour('2026-01-01T16:30:00Z', 'Europe/Zurich')).toBe('17:30');
});

it('rounds to what can be seen', () => {
  expect(significant(0.05842)).toBe('0.0584');
  expect(significant(2256.4)).toBe('2256');
  expect(text(span(3900))).toBe('1 h 05');
});

it.each([
  [0.0254, '1 in'],
  [0.0016, '1/16 in'],
  [0.0555, '2 3/16 in'],
  [0.0127, '1/2 in'],
  [0, '0 in'],
])('a depth of %d m is read off a ruler as %s', (meters, words) => {
  expect(text(depth(meters, 'US'))).toBe(words);
});

it('writes hours and tenths as the kitchen does', () => {
  writeAs({ hours: 'H12', decimalMark: 'COMMA' });
  expect(hour('2026-07-01T16:30:00Z', 'Europe/Zurich')).toBe('6:30 pm');
  expect(hour('2026-07-01T22:05:00Z', 'Europe/Zurich')).toBe('12:05 am');
  expect(text(mass(5.806, 'METRIC'))).toBe('5,81 kg');
});
