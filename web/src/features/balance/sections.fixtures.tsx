import type { BalanceView, DoseView, IngredientView } from '../../api/client';
import { FIRST, type BalanceForm } from './form';

export const form: BalanceForm = { ...FIRST, cups: [] };
export const goods = [
  ['table-salt', 'Table salt', 0.99],
  ['flake-salt-light', 'Flake salt, light', 0.99],
  ['baking-soda', 'Baking soda', 0.7],
  ['hard-cheese', 'Hard cheese', 0.03],
  ['egg-yolk', 'Egg yolk', 0],
].map(([id, name, saltFraction]) => ({
  id,
  retired: false,
  content: { name, saltFraction, alsoCalled: [] },
})) as unknown as IngredientView[];
export const ledger = {
  in: [{ name: 'Canned tomatoes', saltKilograms: 0.018, rangeKilograms: 0.007 }],
  toCome: [{ name: 'Hard cheese', saltKilograms: 0.008, rangeKilograms: 0.002 }],
  nowFraction: 0.0053,
  reducedFraction: 0.0076,
  lowFraction: 0.0079,
  likelyFraction: 0.0104,
  highFraction: 0.0128,
  saltedNowFraction: 0.0137,
  firstDoseKilograms: 0.006,
  heldBackKilograms: 0.004,
  firstDoseCubicMeters: 4.93e-6,
  heldBackCubicMeters: 3.3e-6,
  sodiumLowKilograms: 0.00034,
  sodiumKilograms: 0.00045,
  sodiumHighKilograms: 0.00055,
  lessSaltFraction: 0.1,
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
export const dose = (over: Partial<DoseView> = {}): DoseView => ({
  name: 'Egg yolk',
  massKilograms: 0.05,
  reaches: true,
  after: { ...beads, fatFraction: 0.09, sharpness: 0.33 },
  solidsFraction: 0.12,
  madeKilograms: 4,
  moreSodiumKilograms: 0,
  allergens: ['egg'],
  avoided: false,
  ...over,
});
export const balance = (over: object = {}) =>
  ({ ledger, after: beads, workings: [], sources: [], ...over }) as unknown as BalanceView;
