import { FACTORS, IMPERIAL, IN_WORDS, offset, type Kind } from './units';

/**
 * What became of a text.
 * @property entered the text to keep: a bare number with the unit that it was read in, so that it
 * says the same to whoever reads it in other units
 */
export type Understanding =
  | { outcome: 'understood'; value: number; entered: string }
  | { outcome: 'ask'; message: string }
  | { outcome: 'refuse'; message: string };

const NUMBER = '(?:\\d[\\d.,]*|[.,]\\d+)';
const TERM = new RegExp(
  `(?:(?:(\\d+)\\s+)?(\\d+)\\s*/\\s*(\\d+)|(${NUMBER}))\\s*(fl\\s?oz|btu/h|[a-z]+|%|")?\\.?`,
  'y',
);
const BETWEEN = /\s*(?:\+|and\s)?\s*/y;
const MULTIPLE = new RegExp(`^(${NUMBER})\\s*x\\s*(?=[\\d.,])`);
const CONTAINER = /\s*(?:cans?|tins?|packs?|jars?|each)$/;
const SIGNS: Record<string, string> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '⅛': ' 1/8',
  '×': 'x',
  '°': '',
  '−': '-',
  '–': '-',
  '\u00a0': ' ',
  '\u202f': ' ',
  '\t': ' ',
  '″': '"',
  '”': '"',
};

class Unclear extends Error {
  constructor(readonly result: Understanding) {
    super();
  }
}
const ask = (message: string) => new Unclear({ outcome: 'ask', message });
const refuse = (message: string) => new Unclear({ outcome: 'refuse', message });

/** A kitchen's own measures, weighed once: kilograms of one by its name. */
export type Measures = ReadonlyMap<string, number>;
const NO_MEASURES: Measures = new Map();

let imperial = false;
let american = false;
/** Which pint, quart, gallon and fluid ounce the kitchen means, and what a bare number is in. */
export function readAs(kitchen: { pint: 'US' | 'IMPERIAL'; units: 'METRIC' | 'US' }): void {
  imperial = kitchen.pint === 'IMPERIAL';
  american = kitchen.units === 'US';
}

export const isAmerican = (): boolean => american;

const IN_US_UNITS: Record<string, string> = {
  kg: 'lb',
  l: 'qt',
  ml: 'fl oz',
  m: 'ft',
  cm: 'in',
  mm: 'in',
  c: 'f',
};
const WRITTEN: Record<string, string> = { c: '°C', f: '°F' };
const BARE = /^[\s\d.,/½¼¾⅓⅔⅛−–-]+$/;

/** Cooks there weigh in ounces, and small doses in grams. */
const ouncesOrGrams = (number: string) =>
  `Is ${number} in ounces or in grams? Type ${number} oz or ${number} g.`;

/** A text as it says the same everywhere: a bare number with its unit. */
export const withUnit = (text: string, unit: string): string =>
  unit && BARE.test(text) ? `${text.trim()} ${WRITTEN[unit] ?? unit}` : text;

/**
 * Reads a quantity as a cook writes it; a bare number takes the field's own unit, or what a kitchen
 * in US units uses for it.
 */
export function parseQuantity(
  raw: string,
  kind: Kind,
  ownUnit: string,
  measures = NO_MEASURES,
): Understanding {
  const text = [...raw.trim().toLowerCase()]
    .map((c) => SIGNS[c] ?? c)
    .join('')
    .trim();
  const own = (american ? IN_US_UNITS[ownUnit] : undefined) ?? ownUnit;
  if (!text) return { outcome: 'refuse', message: 'Nothing is typed here yet.' };
  if (american && ownUnit === 'g' && BARE.test(raw))
    return { outcome: 'ask', message: ouncesOrGrams(raw.trim()) };
  try {
    const negative = text.startsWith('-');
    return {
      outcome: 'understood',
      value: sum(
        negative ? text.slice(1).trim() : text,
        negative ? -1 : 1,
        kind,
        own.toLowerCase(),
        measures,
      ),
      entered: withUnit(raw, own),
    };
  } catch (e) {
    if (e instanceof Unclear) return e.result;
    throw e;
  }
}

/** Scales that begin elsewhere are moved after the sign: −4 °F is −20 °C. */
function sum(whole: string, sign: number, kind: Kind, ownUnit: string, measures: Measures): number {
  const times = MULTIPLE.exec(whole);
  const multiple = times?.[1] ? number(times[1]) : 1;
  if (multiple === 0) throw notUnderstood(kind);
  const text = times ? whole.slice(times[0].length).replace(CONTAINER, '') : whole;
  let total = 0;
  let moved = 0;
  let at = 0;
  for (let terms = 0; at < text.length; terms++) {
    if (terms > 0) {
      BETWEEN.lastIndex = at;
      at += BETWEEN.exec(text)?.[0].length ?? 0;
    }
    if (terms > 0 && text.startsWith(',', at)) throw notUnderstood(kind);
    TERM.lastIndex = at;
    const term = TERM.exec(text);
    if (!term) throw notUnderstood(kind);
    at = TERM.lastIndex;
    const unit = unitOf(term[5], terms === 0 && at === text.length, kind, ownUnit);
    total += amount(term) * factor(unit, kind, measures);
    moved += offset(kind, unit);
  }
  return sign * multiple * total + moved;
}

function amount(term: RegExpExecArray): number {
  if (term[4] !== undefined) return number(term[4]);
  const below = Number(term[3]);
  if (below === 0) throw refuse('A fraction cannot have 0 below the line.');
  return Number(term[1] ?? 0) + Number(term[2]) / below;
}

function unitOf(written: string | undefined, lone: boolean, kind: Kind, ownUnit: string): string {
  if (written === undefined && !lone) throw notUnderstood(kind);
  return (written ?? ownUnit).replace(/\s/g, ' ');
}

function factor(unit: string, kind: Kind, measures: Measures): number {
  if (unit === '' && kind === 'COUNT') return 1;
  const found =
    (imperial && kind === 'VOLUME' ? IMPERIAL.get(unit) : undefined) ??
    FACTORS[kind].get(unit) ??
    (kind === 'MASS' ? measures.get(unit.replace(/s$/, '')) : undefined);
  if (!found) throw notUnderstood(kind);
  return found;
}

function number(written: string): number {
  if (/^[1-9]\d{0,2},\d{3}$/.test(written)) {
    throw ask(
      `Is ${written} ${written.replace(',', '')} or ${written.replace(',', '.')}? Type it without the comma or with a point.`,
    );
  }
  if (/^\d*(?:[.,]\d+)?$/.test(written)) return Number(written.replace(',', '.'));
  if (/^(?:\d{1,3}(?:,\d{3})+\.\d+|\d{1,3}(?:,\d{3}){2,})$/.test(written))
    return Number(written.replaceAll(',', ''));
  if (/^(?:\d{1,3}(?:\.\d{3})+,\d+|\d{1,3}(?:\.\d{3}){2,})$/.test(written))
    return Number(written.replaceAll('.', '').replace(',', '.'));
  throw refuse(`${written} is not a number. Type it like 1500 or 1.5.`);
}

const notUnderstood = (kind: Kind) =>
  refuse(`That is not understood. Type a number with ${IN_WORDS[kind]}.`);

/** A text as a quantity: its value where it is understood, what is wrong once something is typed. */
export function typed(
  text: string,
  kind: Kind,
  ownUnit: string,
  measures = NO_MEASURES,
): { value: number | undefined; fault: string | undefined; entered: string } {
  const read = parseQuantity(text, kind, ownUnit, measures);
  return read.outcome === 'understood'
    ? { value: read.value, fault: undefined, entered: read.entered }
    : { value: undefined, fault: text ? read.message : undefined, entered: text };
}
