import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { FormulaSummary, FormulaView, IngredientView } from '../../api/client';
import { goodsOf } from '../../api/goods';
import { show } from '../../test/stove';
import { PartsToMake } from '../../ui/PartsToMake';
import { Ribbon } from './Ribbon';
import { kilogramsOf } from './amounts';
import { emptyDraft } from './draft';
import { sheetOf } from './sheetOf';

const salt = { id: 'salt', content: { name: 'Salt', alsoCalled: [] }, householdKilograms: {} };
const balls = {
  id: 'balls',
  name: 'Meatballs',
  madeMassKilograms: 1,
  piece: { name: 'ball', massKilograms: 0.04, massText: '' },
};
const sauce = { id: 'sauce', name: 'White sauce', madeMassKilograms: 1.06 };
const empty = { id: 'empty', name: 'Empty', madeMassKilograms: 0 };
const goods = goodsOf(
  [salt] as unknown as IngredientView[],
  [balls, sauce, empty] as unknown as FormulaSummary[],
  'sauce',
);
const none = () => new Map<string, number>();

it('offers formulas beside goods, but not itself nor what comes to nothing', () => {
  expect(goods.map((g) => g.id)).toEqual(['salt', 'formula:balls']);
});

it.each([
  ['250 g', 0.25],
  ['12 balls', 0.48],
  ['½ making', 0.5],
  ['2 makings', 2],
  ['30 %', 0.3],
])('reads %s of a formula', (typed, kilograms) => {
  const part = goods.find((g) => g.id === 'formula:balls');

  expect(kilogramsOf(typed, part, none)).toBeCloseTo(kilograms, 6);
});

it('counts a part by a piece only where both are said', () => {
  const draft = (over: object) => ({ ...emptyDraft(), stages: [], ...over });
  const read = (over: object) => sheetOf(draft(over), new Map(), none);
  expect(read({}).sheet?.piece).toBeUndefined();
  expect(read({ pieceName: 'ball', pieceMass: '40 g' }).sheet?.piece).toEqual({
    name: 'ball',
    massKilograms: 0.04,
    massText: '40 g',
  });
  expect(read({ pieceMass: '40 g' }).faults.get('/piece/name')).toBeDefined();
  expect(read({ pieceName: 'ball' }).faults.get('/piece/massKilograms')).toBeDefined();
});

it('draws a part as a stream that joins, and says what it is made of', () => {
  const line = {
    ingredientId: 'formula:balls',
    name: 'Meatballs',
    massKilograms: 0.8,
    afterSeconds: 0,
    note: '',
    firstDoseFraction: 1,
    made: {
      formulaId: 'balls',
      takes: [{ name: 'Beef mince', massKilograms: 0.5 }],
      piece: balls.piece,
    },
  };
  const stage = {
    title: 'Simmer',
    heat: 'GENTLE',
    lid: 'OFF',
    seconds: 600,
    lines: [line],
    takeOuts: [],
    course: { vessel: 'POT', end: 'UNSAID', endText: '', tools: [], moves: [] },
  };
  const step = { startMassKilograms: 2, endMassKilograms: 1.8 };
  const formula = { stages: [stage], analysis: { ribbon: [step] } };
  show(<Ribbon formula={formula as unknown as FormulaView} units="METRIC" />);
  expect(screen.getByRole('img', { name: /Meatballs joins/ })).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Meatballs' })).toHaveAttribute(
    'href',
    '/formulas/balls',
  );
  expect(screen.getByText(/of 500 g beef mince/)).toBeInTheDocument();
  expect(screen.getByRole('list', { name: 'Stages' })).toHaveTextContent('20 balls');
});

it('lists what is made before, and for which dishes', () => {
  const part = {
    formulaId: 'sauce',
    name: 'White sauce',
    massKilograms: 0.7,
    takes: [{ name: 'Whole milk', massKilograms: 0.66 }],
    seconds: 1020,
    dishes: ['Tray of sheets'],
  };
  show(<PartsToMake parts={[part]} units="METRIC" named />);
  const row = screen.getByRole('listitem');
  expect(row).toHaveTextContent('700 g White sauce · 17 min · Tray of sheets');
  expect(row).toHaveTextContent('660 g whole milk');
});
