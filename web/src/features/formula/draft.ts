import type { FormulaSheet, LineSheet, School, StageSheet } from '../../api/client';
import { courseOf, PLAIN_COURSE, type DraftCourse } from './course';
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
type Typed =
  | 'minutes'
  | 'driedFraction'
  | 'ovenCelsius'
  | 'ovenFan'
  | 'burnerShare'
  | 'course'
  | 'lines'
  | 'takeOuts'
  | 'unread'
  | 'school';
export interface DraftStage extends Omit<StageSheet, Typed>, DraftCourse {
  key: string;
  unread: string[];
  minutes: string;
  dried: string;
  oven: string;
  fan: boolean;
  burner: string;
  takeOut: string;
  school: School | undefined;
  lines: DraftLine[];
}
export interface Draft extends Omit<
  FormulaSheet,
  'stages' | 'targetSolidsFraction' | 'targetText' | 'piece'
> {
  target: string;
  pieceName: string;
  pieceMass: string;
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
  fan: false,
  burner: '',
  ...PLAIN_COURSE,
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
  pieceName: '',
  pieceMass: '',
  choices: [],
  stages: [
    newStage({ title: 'Sweat' }),
    newStage({ title: 'Simmer', role: 'REDUCE', technique: 'SIMMER', heat: 'LIVELY' }),
    newStage({ title: 'Finish', role: 'FINISH', technique: 'FINISH', heat: 'OFF' }),
  ],
});

const grams = (kilograms: number) => `${Number((kilograms * 1000).toPrecision(6))} g`;
const percent = (share: number) => `${Number((share * 100).toPrecision(6))} %`;
const or = (value: number, words: string) => (value > 0 ? words : '');

export function draftOf(sheet: FormulaSheet): Draft {
  return {
    ...sheet,
    target:
      sheet.targetText ||
      (sheet.targetSolidsFraction === undefined ? '' : percent(sheet.targetSolidsFraction)),
    pieceName: sheet.piece?.name ?? '',
    pieceMass: sheet.piece ? sheet.piece.massText || grams(sheet.piece.massKilograms) : '',
    stages: sheet.stages.map((s) => ({
      ...s,
      key: newId(),
      minutes: or(s.minutes, `${s.minutes} min`),
      dried: or(s.driedFraction, percent(s.driedFraction)),
      oven: s.ovenCelsius === undefined ? '' : `${s.ovenCelsius} °C`,
      fan: s.ovenFan === true,
      burner: s.burnerShare === undefined ? '' : percent(s.burnerShare),
      ...courseOf(s.course),
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
