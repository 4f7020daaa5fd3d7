import { expect, it } from 'vitest';
import type { CourseSheet, FormulaSheet } from '../../api/client';
import { courseOf, newMove, untilOf } from './course';
import { draftOf, emptyDraft } from './draft';
import { sheetOf } from './sheetOf';

const course = (over: Partial<CourseSheet>): CourseSheet => ({
  vessel: 'POT',
  end: 'UNSAID',
  endText: '',
  tools: [],
  moves: [],
  ...over,
});
const nothing = new Map();
const written = (over: Partial<CourseSheet>, stage: object = {}): FormulaSheet => {
  const { sheet } = sheetOf({ ...emptyDraft(), name: 'Braise' }, nothing, () => new Map());
  const simmer = sheet?.stages[1];
  if (!sheet || !simmer) throw new Error('no sheet');
  return { ...sheet, stages: [{ ...simmer, ...stage, course: course(over) }] };
};
const again = (sheet: FormulaSheet) => sheetOf(draftOf(sheet), nothing, () => new Map());

it.each([
  ['1 cup', 'VOLUME', 0.000237],
  ['900 g', 'MASS', 0.9],
  ['2 cm', 'DEPTH', 0.02],
  ['80 °C', 'TEMPERATURE', 80],
  ['9 %', 'SOLIDS', 0.09],
])('tells by its unit what %s is down to', (text, end, value) => {
  const read = untilOf(text);
  expect(read?.end).toBe(end);
  expect(read?.value).toBeCloseTo(value, 5);
});

it.each(['', '9', 'a little'])('does not guess what %j is down to', (text) => {
  expect(untilOf(text)).toBeUndefined();
});

it.each<Partial<CourseSheet>>([
  { end: 'THICK' },
  { end: 'MINUTES', vessel: 'PAN', handsMinutes: 4, tools: ['processor: pulse 4', 'mill'] },
  { end: 'VOLUME', endValue: 0.00023658823649999998, endText: '1 cup' },
  { end: 'DEPTH', endValue: 0.02, endText: '20 mm' },
  {
    end: 'CUE',
    moves: [
      { way: 'BACK', ingredientId: 'cod', shareFraction: 0.5, afterMinutes: 3 },
      { way: 'OUT', ingredientId: 'cod', shareFraction: 1 },
    ],
  },
])('writes again what it read: %j', (over) => {
  const sheet = written(over);
  expect(again(sheet).sheet?.stages[0]?.course).toEqual(course(over));
});

it('shows a value that was never typed in plain units', () => {
  expect(courseOf(course({ end: 'MASS', endValue: 0.9 })).until).toBe('900 g');
  expect(courseOf(course({ end: 'TEMPERATURE', endValue: 80 })).until).toBe('80 °C');
  expect(courseOf(undefined).ends).toBe('UNSAID');
});

it('keeps a set burner and the fan of an oven', () => {
  const burner = again(written({}, { heat: 'BURNER', burnerShare: 0.4 })).sheet;
  expect(burner?.stages[0]?.burnerShare).toBeCloseTo(0.4);
  const oven = again(written({}, { heat: 'OVEN', ovenCelsius: 150, ovenFan: true })).sheet;
  expect(oven?.stages[0]).toMatchObject({ ovenCelsius: 150, ovenFan: true });
});

it('says at its field what is not whole, and makes no sheet of it', () => {
  const draft = draftOf(written({}));
  const [stage] = draft.stages;
  if (!stage) throw new Error('no stage');
  const bad = {
    ...stage,
    ends: 'DOWN_TO' as const,
    until: 'less',
    hands: 'some',
    moves: [newMove({ share: 'half', after: 'soon' })],
  };
  const { sheet, faults } = sheetOf({ ...draft, stages: [bad] }, nothing, () => new Map());
  expect(sheet).toBeUndefined();
  expect([...faults.keys()].sort()).toEqual([
    '/stages/0/course/endValue',
    '/stages/0/course/handsMinutes',
    '/stages/0/course/moves/0/afterMinutes',
    '/stages/0/course/moves/0/ingredientId',
    '/stages/0/course/moves/0/shareFraction',
  ]);
});
