import { afterEach, expect, it } from 'vitest';
import { writeAs } from './format';
import { readAs } from './parse';
import { said } from './said';

const metric = { pint: 'US', units: 'METRIC' } as const;
const us = { pint: 'US', units: 'US' } as const;
afterEach(() => {
  readAs(metric);
  writeAs({ hours: 'H24', decimalMark: 'POINT' });
});

it('says what the server says as it is in a metric kitchen', () => {
  const sentence = '2.4 kg of sauce, 2.3 l, do not go into ‘Small pot’, which holds 1.8 l.';
  expect(said(sentence)).toBe(sentence);
});

it.each([
  [
    '0.5 kg still to go: salt will read 14 % stronger',
    '1.1 lb still to go: salt will read 14 % stronger',
  ],
  ['Choose a pot of 12 l or more, or make less.', 'Choose a pot of 12.7 qt or more, or make less.'],
  ['57 °C or more', '134.6 °F or more'],
  ['40 to 92 °C', '104 to 197.6 °F'],
  ['it freezes at −18 °C', 'it freezes at −0.4 °F'],
  ['35 mm deep at the end', '1.38 in deep at the end'],
  ['250 g more water', '8.8 oz more water'],
  ['3 g of soda', '3 g of soda'],
  ['add up to 104 g in 100 g', 'add up to 104 g in 100 g'],
  ['FDA Food Code 2022, 3-501.14', 'FDA Food Code 2022, 3-501.14'],
  ['stir every 5 min', 'stir every 5 min'],
])('says %s in US units', (sentence, words) => {
  readAs(us);
  expect(said(sentence)).toBe(words);
});

it('writes the tenths of figures with a comma where the kitchen does, and leaves sections alone', () => {
  writeAs({ hours: 'H24', decimalMark: 'COMMA' });
  expect(said('2.4 kg of it are left, 10.5 % solids (3-501.14).')).toBe(
    '2,4 kg of it are left, 10,5 % solids (3-501.14).',
  );
});
