import type { Goods } from '../../api/goods';
import { parseQuantity, show, type Measures } from '../../quantities';
import type { DraftLine } from './draft';

/** What a kitchen's own measures weigh of an ingredient. */
export type MeasuresOf = (ingredientId: string) => Measures;

const COUNTED = /^([\d\s/.,½¼¾⅓⅔⅛]+)\s+(\p{L}.*)$/iu;
const SPOONS: Record<string, string> = { tablespoon: 'tbsp', tbs: 'tbsp', teaspoon: 'tsp' };
const singular = (word: string) =>
  word
    .replace(/(ch|sh|x)es$/, '$1')
    .replace(/(ea|al|oa)ves$/, '$1f')
    .replace(/s$/, '');

/** Kilograms that an amount means of an ingredient: by weight, by spoon, or in pieces; a bare number of what comes in pieces is asked. */
export function kilogramsOf(
  text: string,
  of: Goods | undefined,
  measures: MeasuresOf,
): number | undefined {
  const typed = text.trim().toLowerCase();
  const household = of?.householdKilograms ?? {};
  if (
    household['piece'] !== undefined &&
    parseQuantity(typed, 'COUNT', '').outcome === 'understood'
  )
    return undefined;
  const counted = COUNTED.exec(typed.replace(/^([\d/.,½¼¾⅓⅔⅛]+)([a-z])/, '$1 $2'));
  const word = singular(counted?.[2]?.replace(/^of /, '') ?? '');
  const each = household[SPOONS[word] ?? word];
  const count = parseQuantity(counted?.[1] ?? '', 'COUNT', '');
  if (each !== undefined && count.outcome === 'understood') return count.value * each;
  const share = parseQuantity(typed, 'SHARE', '');
  if (household['making'] !== undefined && share.outcome === 'understood')
    return share.value * household['making'];
  const mass = parseQuantity(text, 'MASS', 'g', measures(of?.id ?? ''));
  if (mass.outcome === 'understood') return mass.value;
  const volume = parseQuantity(text, 'VOLUME', '');
  if (
    of &&
    volume.outcome === 'understood' &&
    of.content.spoonDensityKilogramsPerCubicMeter !== undefined
  )
    return volume.value * of.content.spoonDensityKilogramsPerCubicMeter;
  return undefined;
}

/** Whether a line is as it was understood before. */
const stands = ({ read, amount, ingredientId }: DraftLine): boolean =>
  read?.amount === amount && read.ingredientId === ingredientId;

/** The text of an amount to keep; a bare number that is typed anew with its unit. */
export function enteredOf(line: DraftLine): string {
  const mass = parseQuantity(line.amount, 'MASS', 'g');
  const anew = !stands(line) && mass.outcome === 'understood';
  return (anew ? mass.entered : line.amount).trim();
}

/** What a line weighs: as it was understood, until it is typed anew. */
export function massOf(
  line: DraftLine,
  of: Goods | undefined,
  measures: MeasuresOf,
): number | undefined {
  return stands(line) && line.read
    ? line.read.massKilograms
    : kilogramsOf(line.amount, of, measures);
}

/** What a line comes to, beside its field. */
export function understoodAs(line: DraftLine, of: Goods | undefined, measures: MeasuresOf): string {
  const kg = massOf(line, of, measures);
  return kg === undefined || /\d\s*k?g$/.test(line.amount.trim())
    ? ''
    : show.text(show.mass(kg, 'METRIC'));
}
