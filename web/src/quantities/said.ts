import { fixed, isCommaWritten } from './format';
import { isAmerican } from './parse';
import { POUND } from './units';

interface InUs {
  unit: string;
  of: (value: number) => number;
  digits: number;
}
const PER_QUART = 0.946352946;
const IN_US: Record<string, InUs> = {
  kg: { unit: 'lb', of: (v) => v / POUND, digits: 2 },
  g: { unit: 'oz', of: (v) => v / POUND / 62.5, digits: 1 },
  l: { unit: 'qt', of: (v) => v / PER_QUART, digits: 1 },
  ml: { unit: 'fl oz', of: (v) => v / PER_QUART / 31.25, digits: 1 },
  mm: { unit: 'in', of: (v) => v / 25.4, digits: 2 },
  cm: { unit: 'in', of: (v) => v / 2.54, digits: 1 },
  '°C': { unit: '°F', of: (v) => v * 1.8 + 32, digits: 1 },
};
/** Doses below half an ounce are weighed in grams everywhere. */
const LEAST_OUNCES_G = 14.2;
const NUMBER = '[−-]?\\d+(?:\\.\\d+)?';
const FIGURE = new RegExp(
  `(?<![\\w.§-])(?:(${NUMBER})( to | by | after |–))?(${NUMBER}) ?(kg|g|ml|l|mm|cm|°C|%)(?![\\w/])`,
  'g',
);
/** A label's parts in a hundred grams are the same in any unit. */
const IN_A_HUNDRED = / in 100 (?:g|ml)\b/;

const number = (text: string) => Number(text.replace('−', '-'));

/** A value with as many digits as it needs. */
const short = (value: number, digits: number): string => {
  const scale = 10 ** digits;
  const kept = Math.round(value * scale) / scale;
  return fixed(kept, (String(kept).split('.')[1] ?? '').length);
};

/**
 * What the server says, in the units and with the decimal mark of this kitchen: it speaks in metric
 * units and with a point, whoever asks.
 */
export function said(sentence: string): string {
  const us = isAmerican() && !IN_A_HUNDRED.test(sentence);
  if (!us && !isCommaWritten()) return sentence;
  return sentence.replace(
    FIGURE,
    (_, from: string | undefined, word: string | undefined, to: string, unit: string) => {
      const dose = unit === 'g' && number(to) < LEAST_OUNCES_G;
      const other = us && !dose ? IN_US[unit] : undefined;
      const written = (text: string) =>
        other ? short(other.of(number(text)), other.digits) : fixed(number(text), digitsOf(text));
      const range = from === undefined ? '' : `${written(from)}${word ?? ''}`;
      return `${range}${written(to)} ${other?.unit ?? unit}`;
    },
  );
}

const digitsOf = (text: string): number => (text.split('.')[1] ?? '').length;
