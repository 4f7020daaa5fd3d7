import { useDeferredValue, useMemo } from 'react';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { useTaken } from '../../api/occupancy';
import type { ProblemError } from '../../api/problem';
import { chosen, type Faults, type PlanForm } from './form';
import { understand } from './understand';
import { usePlan, useShares, useWays } from './usePlan';

const POINTERS: Record<keyof Faults, string[]> = {
  covers: ['/covers'],
  available: ['/available'],
  serving: ['/servingMassKilograms'],
  readyBy: ['/readyByLocalTime'],
  onTable: ['/onTheTableFraction'],
  holdLoss: ['/holdLossFraction'],
  target: ['/targetSolidsFraction', '/targetSpreadMeters', '/targetSimmerSeconds'],
  heating: ['/heating/ovenCelsius', '/heating/burnerShare'],
  oven: ['/heating/ovenId'],
  fromTubs: ['/fromTubs/0/lotId', '/fromTubs/1/lotId', '/fromTubs/2/lotId'],
};

/** What is wrong, by field: what was typed, else what the server says of it. */
function beside(form: PlanForm, faults: Faults, problem: ProblemError | undefined): Faults {
  const typed: Partial<Record<keyof Faults, string>> = {
    serving: form.serving,
    target: form.target,
    onTable: form.onTable,
    holdLoss: form.holdLoss,
  };
  const all: Faults = { ...faults };
  for (const key of Object.keys(POINTERS) as (keyof Faults)[]) {
    const found = POINTERS[key].map((pointer) => problem?.at(pointer, typed[key])).find(Boolean);
    if (found) all[key] ??= found;
  }
  return all;
}

/** The plan that the form means, what is wrong with it, and what could be done otherwise. */
export function usePlanned(kitchen: KitchenView, formula: FormulaSummary, form: PlanForm) {
  const taken = useTaken();
  const { request, faults: typing } = useMemo(
    () => understand(form, formula, kitchen, taken),
    [form, formula, kitchen, taken],
  );
  const { preview, problem, request: planned } = usePlan(request);
  const plan = preview?.plan;
  const { vessel } = chosen(form, kitchen, taken);
  const faults = useMemo(() => beside(form, typing, problem), [form, typing, problem]);
  const vesselFault = problem?.at('/vesselId');
  const isUsable = Boolean(plan && request && !problem);
  const covers = planned?.sizedBy === 'COVERS' ? planned.covers : Math.floor(plan?.portions ?? 0);
  const vesselId = vessel?.id;
  // A batch that is shared already is not halved again: its other pots would be forgotten.
  const shared = form.shares.length > 0;
  return {
    taken,
    vessel,
    request,
    planned,
    preview,
    plan,
    // Hours, picture and sizes come first; what is read after them may follow a moment later.
    later: useDeferredValue(preview),
    problem,
    faults,
    vesselFault,
    isUsable,
    isMarked: Object.values(faults).some(Boolean) || Boolean(vesselFault),
    ways: useWays(planned, isUsable),
    here: useMemo(
      () => (vesselId && !shared ? { vesselId, covers } : undefined),
      [vesselId, covers, shared],
    ),
    shares: useShares(planned, Boolean(vesselFault)),
  };
}
export type PlannedBatch = ReturnType<typeof usePlanned>;
