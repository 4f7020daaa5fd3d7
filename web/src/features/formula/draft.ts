import type { FormulaSheet, IngredientView, LineSheet, School, StageSheet } from '../../api/client';
import { newId } from '../../api/client';
import { parseQuantity, show, type Measures } from '../../quantities';

/** What is typed, raw, so that nothing is lost; keys stay with their rows while they move. */
export interface DraftLine {
  key: string;
  amount: string;
  ingredientId: string;
  note: string;
  after: string;
  first: string;
  school: School | undefined;
  read?: ReadAmount | undefined;
}
/** What an amount was understood as: it stays so until it is typed anew. */
export interface ReadAmount {
  amount: string;
  ingredientId: string;
  massKilograms: number;
}
export interface DraftStage extends Omit<
  StageSheet,
  'minutes' | 'driedFraction' | 'ovenCelsius' | 'lines' | 'takeOuts' | 'unread' | 'school'
> {
  key: string;
  unread: string[];
  minutes: string;
  dried: string;
  oven: string;
  takeOut: string;
  school: School | undefined;
  lines: DraftLine[];
}
export interface Draft extends Omit<
  FormulaSheet,
  'stages' | 'targetSolidsFraction' | 'targetText'
> {
  target: string;
  stages: DraftStage[];
}
export type Faults = ReadonlyMap<string, string>;

export const newLine = (of: Partial<DraftLine> = {}): DraftLine => ({
  key: newId(),
  amount: '',
  ingredientId: '',
  note: '',
  after: '',
  first: '',
  school: undefined,
  ...of,
});
export const newStage = (of: Partial<DraftStage> = {}): DraftStage => ({
  key: newId(),
  title: '',
  role: 'PREPARE',
  technique: 'SWEAT',
  heat: 'MEDIUM',
  lid: 'OFF',
  minutes: '',
  dried: '',
  oven: '',
  ready: '',
  tooFar: '',
  thenDo: '',
  takeOut: '',
  caution: '',
  pause: '',
  school: undefined,
  unread: [],
  lines: [newLine()],
  ...of,
});
export const emptyDraft = (): Draft => ({
  name: '',
  inShort: '',
  family: 'PLAIN',
  uses: ['DRY_PASTA'],
  target: '10 %',
  choices: [],
  stages: [
    newStage({ title: 'Sweat' }),
    newStage({ title: 'Simmer', role: 'REDUCE', technique: 'SIMMER', heat: 'LIVELY' }),
    newStage({ title: 'Finish', role: 'FINISH', technique: 'FINISH', heat: 'OFF' }),
  ],
});

const grams = (kilograms: number) => `${Number((kilograms * 1000).toPrecision(6))} g`;
const or = (value: number, words: string) => (value > 0 ? words : '');

export function draftOf(sheet: FormulaSheet): Draft {
  return {
    ...sheet,
    target:
      sheet.targetText ||
      (sheet.targetSolidsFraction === undefined
        ? ''
        : `${Number((sheet.targetSolidsFraction * 100).toPrecision(6))} %`),
    stages: sheet.stages.map((s) => ({
      ...s,
      key: newId(),
      minutes: or(s.minutes, `${s.minutes} min`),
      dried: or(s.driedFraction, `${Number((s.driedFraction * 100).toPrecision(6))} %`),
      oven: s.ovenCelsius === undefined ? '' : `${s.ovenCelsius} °C`,
      takeOut: s.takeOuts.join('; '),
      school: s.school,
      unread: s.unread ?? [],
      lines: s.lines.map((l) => lineOf(l)),
    })),
  };
}

export function lineOf(l: LineSheet): DraftLine {
  const amount = l.entered || grams(l.massKilograms);
  return newLine({
    amount,
    ingredientId: l.ingredientId,
    note: l.note,
    after: or(l.afterMinutes, `${l.afterMinutes} min`),
    first: l.firstDoseFraction < 1 ? `${Math.round(l.firstDoseFraction * 100)} %` : '',
    school: l.school,
    read: { amount, ingredientId: l.ingredientId, massKilograms: l.massKilograms },
  });
}

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
  of: IngredientView | undefined,
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

/** What a line weighs: as it was understood, until it is typed anew. */
export function massOf(
  line: DraftLine,
  of: IngredientView | undefined,
  measures: MeasuresOf,
): number | undefined {
  const stands = line.read?.amount === line.amount && line.read.ingredientId === line.ingredientId;
  return stands && line.read ? line.read.massKilograms : kilogramsOf(line.amount, of, measures);
}

/** The sheet that a draft means, and what is wrong with its fields by pointer. */
export function sheetOf(
  draft: Draft,
  pantry: ReadonlyMap<string, IngredientView>,
  measures: MeasuresOf,
): { sheet: FormulaSheet | undefined; faults: Faults } {
  const faults = new Map<string, string>();
  const share = (text: string, at: string, none: number) =>
    number(text, 'SHARE', '%', at, none, faults);
  const minutes = (text: string, at: string) => number(text, 'DURATION', 'min', at, 0, faults) / 60;
  const stages = draft.stages.map((stage, i): StageSheet => {
    const at = `/stages/${i}`;
    const { title, role, technique, heat, lid, ready, tooFar, thenDo, caution, pause, school } =
      stage;
    const celsius =
      heat === 'OVEN'
        ? number(stage.oven, 'TEMPERATURE', 'c', `${at}/ovenCelsius`, 180, faults)
        : undefined;
    return {
      title,
      role,
      technique,
      heat,
      lid,
      ready,
      tooFar,
      thenDo,
      caution,
      pause,
      minutes: minutes(stage.minutes, `${at}/minutes`),
      driedFraction: share(stage.dried, `${at}/driedFraction`, 0),
      ...(celsius === undefined ? {} : { ovenCelsius: celsius }),
      ...(stage.unread.length > 0 ? { unread: stage.unread } : {}),
      takeOuts: stage.takeOut
        .split(';')
        .map((t) => t.trim())
        .filter(Boolean),
      ...(school ? { school } : {}),
      lines: stage.lines.flatMap((l, j): LineSheet[] => {
        if (!l.amount.trim() && !l.ingredientId) return [];
        const here = `${at}/lines/${j}`;
        const mass = massOf(l, pantry.get(l.ingredientId), measures);
        if (!l.ingredientId) faults.set(`${here}/ingredientId`, 'Choose what it is.');
        if (mass === undefined) faults.set(`${here}/massKilograms`, notAnAmount(l.amount));
        return [
          {
            ingredientId: l.ingredientId,
            massKilograms: mass ?? 0,
            entered: l.amount.trim(),
            afterMinutes: minutes(l.after, `${here}/afterMinutes`),
            note: l.note,
            firstDoseFraction: share(l.first, `${here}/firstDoseFraction`, 1),
            ...(l.school ? { school: l.school } : {}),
          },
        ];
      }),
    };
  });
  const target = draft.target.trim() ? share(draft.target, '/targetSolidsFraction', 0) : undefined;
  return {
    faults,
    sheet:
      faults.size > 0
        ? undefined
        : {
            name: draft.name,
            inShort: draft.inShort,
            family: draft.family,
            uses: draft.uses,
            choices: draft.choices,
            ...(target === undefined ? {} : { targetSolidsFraction: target }),
            targetText: draft.target.trim(),
            stages,
          },
  };
}

const notAnAmount = (text: string) =>
  /^\s*[\d.,/]+\s*$/.test(text)
    ? `Grams or pieces? Type ${text.trim()} g or ${text.trim()} pieces.`
    : 'Type a weight, a spoon measure or pieces, as 250 g, 2 tbsp, 3 cloves.';

function number(
  text: string,
  kind: 'SHARE' | 'DURATION' | 'TEMPERATURE',
  own: string,
  at: string,
  none: number,
  faults: Map<string, string>,
): number {
  if (!text.trim()) return none;
  const read = parseQuantity(text, kind, own);
  if (read.outcome === 'understood') return read.value;
  faults.set(at, read.message);
  return none;
}

/** What a line comes to, beside its field. */
export function understoodAs(
  line: DraftLine,
  of: IngredientView | undefined,
  measures: MeasuresOf,
): string {
  const kg = massOf(line, of, measures);
  return kg === undefined || /\d\s*k?g$/.test(line.amount.trim())
    ? ''
    : show.text(show.mass(kg, 'METRIC'));
}
