import type { KitchenView } from '../../api/client';
import { FIRST, type PlanForm } from './form';

const pot = (id: string, capacityCubicMeters: number) => ({
  id,
  name: id,
  shape: 'ROUND',
  firstWidthMeters: 0.3,
  secondWidthMeters: 0.3,
  depthMeters: 0.2,
  emptyMassKilograms: 0,
  retired: false,
  version: 1,
  capacityCubicMeters,
});
export const kitchen = {
  vessels: [pot('small', 0.006), pot('middle', 0.02), pot('big', 0.03)],
  heatSources: [
    {
      id: 'gas',
      name: 'gas',
      kind: 'GAS',
      labelPowerWatts: 5000,
      retired: false,
      version: 1,
      powerIntoPotWatts: 2000,
    },
  ],
  ovens: [{ id: 'deck', name: 'Deck oven', fan: true }],
  measures: [{ name: 'ladle', massKilograms: 0.13 }],
} as unknown as KitchenView;
/** As cooks type it: other units, a decimal comma, half a day. */
export const form: PlanForm = {
  ...FIRST,
  serving: '4 oz',
  readyBy: '6:30pm',
  target: '10,5 %',
  way: 'GENTLE',
  burner: '',
  oven: '',
};

export const sauce = { id: 'plain', ladledKilogramsPerCubicMeter: 1030, thickens: true };
