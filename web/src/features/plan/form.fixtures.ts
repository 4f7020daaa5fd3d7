import type { KitchenView } from '../../api/client';
import type { PlanForm } from './form';

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
export const form: PlanForm = {
  covers: '34',
  serving: '4 oz',
  readyBy: '6:30pm',
  target: '10,5 %',
  vesselId: '',
  heatSourceId: '',
  way: 'GENTLE',
  burner: '',
  oven: '',
  ovenId: '',
  fan: false,
  lid: 'OFF',
  sizedBy: 'COVERS',
  available: [],
  rounding: 'EXACT',
  packGoal: 'LEAST_COST',
  onTable: '',
  holdLoss: '',
  schools: [],
  shares: [],
  formulaId: '',
};

export const sauce = { id: 'plain', ladledKilogramsPerCubicMeter: 1030 };
