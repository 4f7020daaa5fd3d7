import type { FormulaSummary, KitchenView, Lid, PlanRequest, School, Way } from '../../api/client';
import { firstFree, type Taken } from '../../api/occupancy';
import type { Units } from '../../quantities';
import { degreesText, type HeatForm } from '../../ui/heat';

/** What is typed and chosen, raw, so that nothing typed is ever lost. */
export interface PlanForm extends HeatForm {
  covers: string;
  serving: string;
  readyBy: string;
  target: string;
  vesselId: string;
  heatSourceId: string;
  lid: Lid;
  sizedBy: PlanRequest['sizedBy'];
  available: Available[];
  rounding: PlanRequest['rounding'];
  packGoal: PlanRequest['packGoal'];
  onTable: string;
  holdLoss: string;
  formulaId: string;
  schools: School[];
  shares: PotShare[];
  phases: PhaseChoice[];
  /** Stages that take other minutes here than the formula says, by their places. */
  stageMinutes: { stage: number; minutes: number }[];
  /** Parts that are taken from tubs, and not made for it. */
  fromTubs: { formulaId: string; lotId: string; code: string; name: string }[];
  /** Tubs that are not done, and are gone on with. */
  goesOn?: { lotId: string; code: string } | undefined;
}
/** Another heat and lid for a phase of the simmer than the formula says. */
export interface PhaseChoice {
  phase: number;
  way: Way;
  lid: Lid;
}
/** One pot of a batch that is too large, or too slow, for one. */
export interface PotShare {
  vesselId: string;
  covers: number;
  lit: boolean;
}
/** So much of one ingredient, as typed. */
export interface Available {
  ingredientId: string;
  text: string;
}
export type Faults = Partial<
  Record<
    | 'covers'
    | 'available'
    | 'serving'
    | 'readyBy'
    | 'target'
    | 'onTable'
    | 'holdLoss'
    | 'heating'
    | 'oven'
    | 'fromTubs',
    string
  >
>;

/** How a kitchen's first plan begins. */
export const FIRST: PlanForm = {
  covers: '34',
  serving: '110 g',
  readyBy: '18:30',
  target: '10.5 %',
  vesselId: '',
  heatSourceId: '',
  way: 'LIVELY',
  burner: '60 %',
  oven: '130 °C',
  ovenId: '',
  fan: false,
  lid: 'OFF',
  sizedBy: 'COVERS',
  available: [],
  rounding: 'EXACT',
  packGoal: 'LEAST_COST',
  onTable: '',
  holdLoss: '',
  formulaId: '',
  schools: [],
  shares: [],
  phases: [],
  stageMinutes: [],
  fromTubs: [],
};

/** Pot and burner that are chosen, or the most likely ones while nothing is: a free pot that is not the largest, the strongest burner that is free. */
export function chosen(form: PlanForm, kitchen: KitchenView, taken: Taken) {
  const roomy = kitchen.vessels.toSorted((a, b) => b.capacityCubicMeters - a.capacityCubicMeters);
  return {
    vessel:
      kitchen.vessels.find((v) => v.id === form.vesselId) ??
      firstFree([...roomy.slice(1, 2), ...roomy.slice(0, 1), ...roomy.slice(2)], taken),
    heatSource:
      kitchen.heatSources.find((h) => h.id === form.heatSourceId) ??
      firstFree(
        kitchen.heatSources.toSorted((a, b) => b.powerIntoPotWatts - a.powerIntoPotWatts),
        taken,
      ),
  };
}

/** What a formula brings along when it is chosen: its thickness, how its simmer is kept, and its ways. */
export function arriving(
  { id, targetSolidsFraction, simmer }: FormulaSummary,
  schools: School[],
  units: Units,
): Partial<PlanForm> {
  return {
    formulaId: id,
    schools,
    available: [],
    shares: [],
    phases: [],
    stageMinutes: [],
    fromTubs: [],
    goesOn: undefined,
    ...(targetSolidsFraction === undefined ? {} : { target: solidsText(targetSolidsFraction) }),
    ...(simmer ? { lid: simmer.lid, way: WAY_OF[simmer.level] } : {}),
    ...(simmer?.ovenCelsius === undefined
      ? {}
      : { oven: degreesText(simmer.ovenCelsius, units), fan: simmer.ovenFan }),
    ...(simmer?.burnerShare === undefined ? {} : { burner: solidsText(simmer.burnerShare) }),
  };
}

/** Plans one pot of several; the others stay in mind until they are lit. */
export const shareOf = (shares: PotShare[], chosen: PotShare): Partial<PlanForm> => ({
  shares,
  sizedBy: 'COVERS',
  covers: String(chosen.covers),
  vesselId: chosen.vesselId,
});

/** What is planned next once this pot is lit: the next of its shares, on a burner that is free; none where all are lit. */
export function afterLighting(form: PlanForm, vesselId: string): Partial<PlanForm> {
  // Whoever took another pot for it lit that share all the same.
  const lit =
    form.shares.find((s) => s.vesselId === vesselId) ??
    form.shares.find((s) => !s.lit && String(s.covers) === form.covers) ??
    form.shares.find((s) => !s.lit);
  const shares = form.shares.map((s) => (s === lit ? { ...s, vesselId, lit: true } : s));
  const next = shares.find((s) => !s.lit);
  return next ? { ...shareOf(shares, next), heatSourceId: '' } : { shares: [] };
}

/** A batch that is made again as it turned out: the thickness that was reached, in that pot, with that heat. */
export interface AsItTurnedOut {
  solidsFraction: number;
  vesselId: string;
  heatSourceId: string;
  way: PlanForm['way'];
  lid: Lid;
}

export const again = (
  formula: FormulaSummary,
  schools: School[],
  units: Units,
  was: AsItTurnedOut,
): Partial<PlanForm> => ({
  ...arriving(formula, schools, units),
  target: solidsText(was.solidsFraction),
  vesselId: was.vesselId,
  heatSourceId: was.heatSourceId,
  way: was.way,
  lid: was.lid,
});

type Level = NonNullable<FormulaSummary['simmer']>['level'];
/** A fire in a cook's words as the simmer that it keeps. */
const WAY_OF: Record<Level, PlanForm['way']> = {
  OFF: 'OFF',
  LOW: 'BARE',
  MEDIUM: 'GENTLE',
  HIGH: 'ROLLING',
  BARE: 'BARE',
  GENTLE: 'GENTLE',
  LIVELY: 'LIVELY',
  ROLLING: 'ROLLING',
  OVEN: 'OVEN',
  BURNER: 'BURNER',
};

export const solidsText = (fraction: number): string => `${Math.round(fraction * 1000) / 10} %`;
