import { useCallback, useState } from 'react';
import type { FormulaSummary, KitchenView, Lid, PlanRequest, School } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { firstFree, type Taken } from '../../api/occupancy';
import { parseHour, parseQuantity, type Understanding } from '../../quantities';
import { heatingOf, type HeatForm } from '../../ui/heat';

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
    | 'oven',
    string
  >
>;

const KEPT = 'urnstew.plan';
const FIRST: PlanForm = {
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
};

/** The form, kept over reloads. */
export function usePlanForm() {
  const [form, setForm] = useState<PlanForm>(() => ({
    ...FIRST,
    ...(JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<PlanForm>),
  }));
  const change = useCallback(
    (to: Partial<PlanForm>) =>
      setForm((from) => {
        const next = { ...from, ...to };
        localStorage.setItem(KEPT, JSON.stringify(next));
        return next;
      }),
    [],
  );
  return { form, change };
}

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
): Partial<PlanForm> {
  return {
    formulaId: id,
    schools,
    available: [],
    shares: [],
    ...(targetSolidsFraction === undefined ? {} : { target: solidsText(targetSolidsFraction) }),
    ...(simmer ? { lid: simmer.lid, way: WAY_OF[simmer.level] } : {}),
    ...(simmer?.ovenCelsius === undefined ? {} : { oven: `${Math.round(simmer.ovenCelsius)} °C` }),
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
  was: AsItTurnedOut,
): Partial<PlanForm> => ({
  ...arriving(formula, schools),
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
};

export const solidsText = (fraction: number): string => `${Math.round(fraction * 1000) / 10} %`;

/** A thickness by its solids, as the width of a spoonful on a plate, or as it gets in a time. */
export function targetOf(text: string): { by: 'solids' | 'plate' | 'time'; read: Understanding } {
  const width = parseQuantity(text, 'LENGTH', '');
  if (width.outcome === 'understood') return { by: 'plate', read: width };
  const time = parseQuantity(text, 'DURATION', '');
  return time.outcome === 'understood'
    ? { by: 'time', read: time }
    : { by: 'solids', read: parseQuantity(text, 'SHARE', '%') };
}

const targetFields = (by: ReturnType<typeof targetOf>['by'], value: number) =>
  by === 'plate'
    ? { targetSpreadMeters: value }
    : by === 'time'
      ? { targetSimmerSeconds: value }
      : { targetSolidsFraction: value };

/** What there is, in kilograms; lines that are still empty are left out. */
function stocked(
  form: PlanForm,
  kitchen: KitchenView,
): { available: PlanRequest['available']; fault?: string } {
  if (form.sizedBy !== 'STOCK') return { available: [] };
  const read = form.available
    .filter((a) => a.text.trim() !== '')
    .map((a) => ({ ...a, mass: parseQuantity(a.text, 'MASS', 'g', measuresOf(kitchen)) }));
  const wrong = read
    .map((a) => (a.mass.outcome === 'understood' ? undefined : a.mass.message))
    .find(Boolean);
  if (wrong) return { available: [], fault: wrong };
  return {
    available: read.map(({ ingredientId, text, mass }) => ({
      ingredientId,
      text,
      massKilograms: mass.outcome === 'understood' ? mass.value : 0,
    })),
  };
}

/** The request that the form means, or what is wrong with its fields. */
export function understand(
  form: PlanForm,
  formulaId: string,
  kitchen: KitchenView,
  taken: Taken,
): { request?: PlanRequest; faults: Faults } {
  const faults: Faults = {};
  const { vessel, heatSource } = chosen(form, kitchen, taken);
  const covers = parseQuantity(form.covers, 'COUNT', '');
  const serving = parseQuantity(form.serving, 'MASS', 'g', measuresOf(kitchen));
  const { by, read: target } = targetOf(form.target);
  const readyBy = parseHour(form.readyBy);
  const onTable = parseQuantity(form.onTable.trim() || '0', 'SHARE', '%');
  const holdLoss = parseQuantity(form.holdLoss.trim() || '0', 'SHARE', '%');
  const { available, fault: availableFault } = stocked(form, kitchen);
  // Until something is typed that there is, the plan for those who eat stands: its purchases can be chosen from.
  const sizedBy = form.sizedBy === 'STOCK' && available.length === 0 ? 'COVERS' : form.sizedBy;
  const byCovers = form.sizedBy === 'COVERS';
  if (availableFault) faults.available = availableFault;
  if (byCovers && covers.outcome !== 'understood') faults.covers = covers.message;
  else if (
    byCovers &&
    covers.outcome === 'understood' &&
    (!Number.isInteger(covers.value) || covers.value < 1)
  )
    faults.covers = 'Type how many people eat, at least 1.';
  if (serving.outcome !== 'understood') faults.serving = serving.message;
  if (target.outcome !== 'understood') faults.target = target.message;
  if (onTable.outcome !== 'understood') faults.onTable = onTable.message;
  if (holdLoss.outcome !== 'understood') faults.holdLoss = holdLoss.message;
  if (readyBy.outcome !== 'understood') faults.readyBy = readyBy.message;
  const { heating, fault } = heatingOf(form, kitchen);
  if (fault) faults.heating = fault;
  if (Object.keys(faults).length > 0 || !vessel || !heatSource || !heating) return { faults };
  if (
    serving.outcome !== 'understood' ||
    target.outcome !== 'understood' ||
    readyBy.outcome !== 'understood' ||
    onTable.outcome !== 'understood' ||
    holdLoss.outcome !== 'understood'
  )
    return { faults };
  return {
    faults,
    request: {
      formulaId,
      schools: form.schools,
      onTheTableFraction: onTable.value,
      holdLossFraction: holdLoss.value,
      packGoal: form.packGoal,
      sizedBy,
      covers: covers.outcome === 'understood' && covers.value >= 1 ? Math.floor(covers.value) : 1,
      available,
      servingMassKilograms: serving.value,
      servingText: form.serving,
      ...targetFields(by, target.value),
      targetText: form.target,
      vesselId: vessel.id,
      heatSourceId: heatSource.id,
      heating,
      lid: form.lid,
      rounding: form.rounding,
      readyByLocalTime: readyBy.localTime,
      ...(readyBy.localDate ? { readyByLocalDate: readyBy.localDate } : {}),
    },
  };
}
