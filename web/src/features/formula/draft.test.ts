import { describe, expect, it } from 'vitest';
import type { FormulaSheet, IngredientView } from '../../api/client';
import { kilogramsOf, massOf } from './amounts';
import { draftOf, emptyDraft, lineOf, newLine } from './draft';
import { sheetOf } from './sheetOf';
import { moved } from './useDraft';

const garlic = {
  id: 'garlic',
  householdKilograms: { piece: 0.003, clove: 0.003, small: 0.002 },
  content: { name: 'Garlic', pieceName: 'clove', pieceMassKilograms: 0.003 },
} as unknown as IngredientView;
const oil = {
  id: 'olive-oil',
  householdKilograms: {},
  content: { name: 'Olive oil', spoonDensityKilogramsPerCubicMeter: 913 },
} as unknown as IngredientView;
const pantry = new Map([
  [garlic.id, garlic],
  [oil.id, oil],
]);
const measures = (id: string) => new Map(id === 'garlic' ? [['handful', 0.02]] : [['ladle', 0.12]]);

describe('an amount of an ingredient', () => {
  it.each([
    ['12 g', garlic, 0.012],
    ['3 cloves', garlic, 0.009],
    ['½ clove', garlic, 0.0015],
    ['4 small', garlic, 0.008],
    ['2 pieces', garlic, 0.006],
    ['2 handfuls', garlic, 0.04],
    ['2 tbsp', oil, 0.027],
    ['1 ladle', oil, 0.12],
  ])('%s', (text, of, kilograms) => {
    expect(kilogramsOf(text, of, measures)).toBeCloseTo(kilograms, 5);
  });

  it.each([
    ['6', garlic],
    ['1 large', garlic],
    ['2 tbsp', garlic],
    ['3 cloves', oil],
    ['1 handful', oil],
    ['some', oil],
    ['1,500 g', oil],
  ])('%s is not guessed', (text, of) => {
    expect(kilogramsOf(text, of, measures)).toBeUndefined();
  });
});

it('says every field that cannot be meant, and makes no sheet of it', () => {
  const draft = emptyDraft();
  const first = draft.stages[0];
  if (first)
    first.lines = [newLine({ amount: 'lots', ingredientId: 'garlic' }), newLine({ amount: '5 g' })];
  const { sheet, faults } = sheetOf({ ...draft, target: 'thick' }, pantry, measures);
  expect(sheet).toBeUndefined();
  expect([...faults.keys()].sort()).toEqual([
    '/stages/0/lines/0/massKilograms',
    '/stages/0/lines/1/ingredientId',
    '/targetSolidsFraction',
  ]);
});

it('brings a sheet through the editor unchanged', () => {
  const line = {
    ingredientId: 'garlic',
    massKilograms: 3 * 0.003,
    entered: '3 cloves',
    afterMinutes: 3,
    note: 'minced',
    firstDoseFraction: 0.6,
    school: { question: 'Garlic', option: 'minced' },
  };
  const stage = {
    title: 'Oil and garlic',
    role: 'PREPARE',
    technique: 'SWEAT',
    heat: 'LOW',
    lid: 'OFF',
    course: { vessel: 'POT', end: 'UNSAID', endText: '', tools: [], moves: [] },
    minutes: 4,
    driedFraction: 0.3,
    lines: [line],
    ready: 'fragrant',
    tooFar: 'brown',
    thenDo: '',
    takeOuts: ['cloves', 'stalks'],
    caution: 'hot oil',
    pause: '',
  };
  const sheet = {
    name: 'A',
    inShort: 'b',
    family: 'PLAIN',
    uses: ['DRY_PASTA'],
    targetSolidsFraction: 0.105,
    targetText: '10.5 %',
    choices: [{ question: 'Garlic', options: [{ name: 'minced', reason: 'sharp' }] }],
    stages: [stage],
  } as unknown as FormulaSheet;
  expect(sheetOf(draftOf(sheet), pantry, measures).sheet).toEqual(sheet);
});

it('keeps what was understood until it is typed anew', () => {
  const read = lineOf({
    ingredientId: 'garlic',
    massKilograms: 0.15,
    entered: '1 medium',
    afterMinutes: 0,
    note: '',
    firstDoseFraction: 1,
  });
  expect(massOf(read, garlic, measures)).toBe(0.15);
  expect(massOf({ ...read, amount: '1 clove' }, garlic, measures)).toBeCloseTo(0.003);
});

it('keeps lines that nobody has read with their stage', () => {
  const draft = emptyDraft();
  const first = draft.stages[0];
  if (first) first.unread = ['6 oysters'];
  const sheet = sheetOf(draft, pantry, measures).sheet;
  expect(sheet?.stages[0]?.unread).toEqual(['6 oysters']);
  expect(draftOf(sheet as FormulaSheet).stages[0]?.unread).toEqual(['6 oysters']);
});

it('moves within the list and not past its ends', () => {
  expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
  expect(moved(['a', 'b', 'c'], 2, 1)).toEqual(['a', 'b', 'c']);
});
