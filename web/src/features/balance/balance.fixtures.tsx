import type { BalanceView, RemedyView } from '../../api/client';
import { FIRST, type BalanceForm } from './form';

export const asItIs = { key: 'as-it-is', doses: [], note: '' };
export const withSoda = {
  key: 's',
  note: 'flat',
  doses: [{ ingredientId: 'baking-soda', name: 'Baking soda', massKilograms: 0.0034 }],
};
export const form: BalanceForm = { ...FIRST, cups: [asItIs, withSoda] };
export const drops = {
  ingredientId: 'baking-soda',
  name: 'Baking soda',
  count: 16,
  measure: 'DROP',
  solution: 10,
  inCupKilograms: 0.00008,
  forPotKilograms: 0.00342,
};
export const beads = {
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
export const butter: RemedyView = {
  title: 'Butter, off the heat',
  tells: 'masks',
  atTheEnd: true,
  dose: {
    ingredientId: 'butter',
    name: 'Butter',
    massKilograms: 0.128,
    reaches: false,
    after: { ...beads, fatFraction: 0.08 },
    solidsFraction: 0.1,
    madeKilograms: 4,
    moreSodiumKilograms: 0,
    allergens: ['milk'],
    avoided: true,
  },
};
export const balance = (over: object = {}) =>
  ({
    title: 'Marinara',
    massKilograms: 6.42,
    now: beads,
    after: beads,
    remedies: [butter],
    cups: [[], [drops]],
    ...over,
  }) as unknown as BalanceView;
