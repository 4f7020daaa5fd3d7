import type { FormulaSheet, LineSheet, School, StageSheet } from '../../api/client';
import { newId } from '../../api/client';

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
