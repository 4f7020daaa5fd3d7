import { vi } from 'vitest';
import type { FormulaSummary, MealView, StageFitView } from '../../api/client';
import { show } from '../../test/stove';
import { Dishes } from './Dishes';
import { type MealText } from './useMealDraft';

export const shelf = [
  { id: 'ragu', name: 'Ridge ragù', family: 'RAGU', targetSolidsFraction: 0.13, servings: [] },
  {
    id: 'base',
    name: 'Larder base',
    family: 'PLAIN',
    targetSolidsFraction: 0.1,
    servings: [{ style: 'USUAL', sauceMassKilograms: 0.14 }],
  },
  { id: 'dough', name: 'Egg dough', family: 'PART', servings: [] },
] as unknown as FormulaSummary[];
export const text: MealText = {
  name: 'Feast',
  packGoal: 'LEAST_COST',
  tubsStay: false,
  served: '',
  cooks: '',
  dishes: [
    {
      key: 'a',
      formulaId: 'ragu',
      schools: [],
      covers: '12',
      servingText: '120 g',
      groups: [],
      besides: [],
      served: '',
    },
  ],
};
export const fit = (title: string, over: Partial<StageFitView> = {}): StageFitView => ({
  title,
  vesselName: 'Stockpot',
  vessels: 1,
  volumeCubicMeters: 0.01,
  depthMeters: 0.1,
  fullFraction: 0.6,
  standing: 'FITS',
  ...over,
});
export const dish = (over: object = {}) => ({
  formulaId: 'ragu',
  name: 'Ridge ragù',
  covers: 12,
  madeMassKilograms: 1.5,
  stages: [
    {
      title: 'Pork',
      lines: [{ name: 'Guanciale', massKilograms: 0.2, firstDoseKilograms: 0.2, note: '' }],
    },
  ],
  fryingLoads: {},
  placing: { fits: [] },
  branches: [],
  declaration: { allergens: [], asked: [], diets: [], unknown: [] },
  avoided: [],
  besides: [],
  plates: [
    {
      covers: 12,
      shares: [{ name: 'Ridge ragù', massKilograms: 0.12, saltKilograms: 0.001 }],
      massKilograms: 0.12,
      saltKilograms: 0.001,
      saltFraction: 0.008,
      tastes: [],
    },
  ],
  ...over,
});
export const meal = (dishes: object[], over: object = {}) =>
  ({
    bases: [],
    dishes,
    shopping: [],
    parts: [],
    tools: [],
    early: [],
    handsSeconds: 0,
    ...over,
  }) as unknown as MealView;
export const page = (of: MealView, change = vi.fn(), faults: Record<string, string> = {}) => {
  show(
    <Dishes
      text={text}
      meal={of}
      shelf={shelf}
      units="METRIC"
      change={change}
      faultAt={(pointer) => faults[pointer]}
    />,
  );
  return change;
};
