import { expect, it } from 'vitest';
import type {
  BalanceView,
  TasteProfileView,
  CupDoseView,
  DoseView,
  RemedyView,
} from '../../api/client';
import {
  doseText,
  effects,
  measureWords,
  shortName,
  solutionWords,
  ticks,
  timeWords,
} from './effects';

const beads: TasteProfileView = {
  saltFraction: 0.009,
  acidFraction: 0.0067,
  sourFraction: 0.0047,
  sugarsFraction: 0.042,
  savoury: 1.5,
  fatFraction: 0.06,
  pH: 4.2,
  pHHolds: true,
  sugarToAcid: 6.3,
  sharpness: 0.4,
};
const dose = (after: Partial<TasteProfileView>, over: Partial<DoseView> = {}): DoseView => ({
  ingredientId: 'butter',
  name: 'Butter',
  massKilograms: 0.12,
  reaches: true,
  after: { ...beads, ...after },
  solidsFraction: 0.1,
  madeKilograms: 4,
  moreSodiumKilograms: 0,
  allergens: [],
  avoided: false,
  ...over,
});
const remedy = (of: DoseView): RemedyView => ({
  title: of.name,
  tells: '',
  dose: of,
  atTheEnd: true,
});
const balance = (remedies: RemedyView[]) =>
  ({
    now: { ...beads, sourFraction: 0.003, sugarToAcid: 6.3 },
    after: beads,
    remedies,
  }) as unknown as BalanceView;

it('tells what a dose costs elsewhere, the strongest first, and leaves out what hardly moves', () => {
  expect(
    effects(beads, dose({ fatFraction: 0.084, sourFraction: 0.00465 }, { allergens: ['milk'] })),
  ).toBe('fat 6.0 → 8.4 % · brings milk');
  expect(
    effects(
      beads,
      dose(
        { pH: 4.43, sourFraction: 0.0041, saltFraction: 0.0097 },
        { moreSodiumKilograms: 0.0012 },
      ),
    ),
  ).toBe('pH 4.20 → 4.43 · acid 0.47 → 0.41 % · salt 0.90 → 0.97 % · + 1.2 g sodium');
  expect(effects(beads, dose({}, { longerSeconds: 420 }))).toBe('7 min longer');
  expect(effects(beads, dose({ fatFraction: 0.061 }))).toBe('');
  expect(effects(beads, dose({}, { solidsFraction: 0.095 }), 0.1)).toBe(
    'thinner: solids 10.0 → 9.5 %',
  );
});

it('says of time what it does: acid up, sugar to acid as it was', () => {
  const time = {
    waterKilograms: 1.5,
    takesSeconds: 2160,
    reduced: { ...beads, sourFraction: 0.0047, sugarToAcid: 6.3 },
  };
  const boilOn = { title: 'Time alone', tells: '', atTheEnd: false, time } as RemedyView;
  expect(timeWords(balance([]), boilOn)).toBe(
    '36 min more: acid 0.30 → 0.47 %, sugar : acid 6.3 → 6.3',
  );
  expect(timeWords(balance([]), { ...boilOn, time: { ...time, waterKilograms: 0 } })).toBe(
    'nothing more is to boil off',
  );
});

it('marks a dose on the two strings that it moves most, and only if it is enough', () => {
  const soda = dose(
    { sourFraction: 0.004, saltFraction: 0.0097, savoury: 1.6 },
    { name: 'Baking soda' },
  );
  expect(ticks(balance([remedy(soda)])).map((t) => [t.taste, t.name])).toEqual([
    ['ACID', 'soda'],
    ['SALT', 'soda'],
  ]);
  expect(ticks(balance([remedy({ ...soda, reaches: false })]))).toEqual([]);
  expect(
    ticks(balance([remedy(soda), remedy(dose({}))]), 'Baking soda').map((t) => t.taste),
  ).toHaveLength(5);
  expect(ticks(balance([remedy(soda)]), 'Time alone')).toEqual([]);
});

it.each([
  ['Baking soda', 'soda'],
  ['Lemon juice', 'lemon'],
  ['Anchovies in oil, drained', 'anchovies'],
  ['Cream, 36 % fat', 'cream'],
  ['Red wine vinegar', 'vinegar'],
])('calls %s %s where there is room for one word', (name, short) =>
  expect(shortName(name)).toBe(short),
);

const cup = (over: Partial<CupDoseView>): CupDoseView => ({
  ingredientId: 'sugar',
  name: 'Sugar',
  count: 1,
  measure: 'TEASPOON',
  inCupKilograms: 0.001,
  forPotKilograms: 0.025,
  ...over,
});
it.each([
  [cup({ count: 0.125 }), '⅛ tsp', ''],
  [cup({ count: 1.5 }), '1½ tsp', ''],
  [cup({ count: 3, measure: 'GRAM' }), '3 g', ''],
  [cup({ count: 16, measure: 'DROP', solution: 10 }), '16 drops', 'of 10 g in 100 ml water'],
])('measures a cup in what a kitchen has: %#', (of, words, solution) => {
  expect(measureWords(of)).toBe(words);
  expect(solutionWords(of)).toBe(solution);
});

it('tells small doses finer than a ladle', () => {
  expect(doseText(0.0034, 'METRIC')).toBe('3.4 g');
  expect(doseText(0.0364, 'METRIC')).toBe('36.4 g');
  expect(doseText(0.125, 'METRIC')).toBe('125 g');
  expect(doseText(1.2, 'METRIC')).toBe('1.20 kg');
});
