import { useCallback, useState } from 'react';
import type { KitchenView, Lid, PlanRequest, School } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { parseHour, parseQuantity, type Understanding } from '../../quantities';
import { heatingOf, type HeatForm } from '../../ui/heat';

/** What is typed and chosen, raw, so that nothing typed is ever lost. */
export interface PlanForm extends HeatForm { covers: string; serving: string; readyBy: string; target: string; vesselId: string; heatSourceId: string; lid: Lid; wholePacks: boolean; packGoal: PlanRequest['packGoal']; onTable: string; holdLoss: string; formulaId: string; schools: School[] }
export type Faults = Partial<Record<'covers' | 'serving' | 'readyBy' | 'target' | 'onTable' | 'holdLoss' | 'heating' | 'oven', string>>;

const KEPT = 'urnstew.plan';
const FIRST: PlanForm = { covers: '34', serving: '110 g', readyBy: '18:30', target: '10.5 %', vesselId: '', heatSourceId: '', way: 'LIVELY', burner: '60 %', oven: '130 °C', ovenId: '', fan: false, lid: 'OFF', wholePacks: false, packGoal: 'LEAST_COST', onTable: '', holdLoss: '', formulaId: '', schools: [] };

/** The form, kept over reloads. */
export function usePlanForm() {
  const [form, setForm] = useState<PlanForm>(() => ({ ...FIRST, ...(JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<PlanForm>) }));
  const change = useCallback((to: Partial<PlanForm>) =>
    setForm((from) => {
      const next = { ...from, ...to };
      localStorage.setItem(KEPT, JSON.stringify(next));
      return next;
    }), []);
  return { form, change };
}

/** Pot and burner that are chosen, or the most likely ones while nothing is. */
export function chosen(form: PlanForm, kitchen: KitchenView) {
  const roomy = kitchen.vessels.toSorted((a, b) => b.capacityCubicMeters - a.capacityCubicMeters);
  return {
    vessel: kitchen.vessels.find((v) => v.id === form.vesselId) ?? roomy[1] ?? roomy[0],
    heatSource: kitchen.heatSources.find((h) => h.id === form.heatSourceId) ?? kitchen.heatSources.toSorted((a, b) => b.powerIntoPotWatts - a.powerIntoPotWatts)[0],
  };
}

/** A thickness by its solids, or as the width of a spoonful on a plate. */
export function targetOf(text: string): { by: 'solids' | 'plate'; read: Understanding } {
  const width = parseQuantity(text, 'LENGTH', '');
  return width.outcome === 'understood' ? { by: 'plate', read: width } : { by: 'solids', read: parseQuantity(text, 'SHARE', '%') };
}

/** The request that the form means, or what is wrong with its fields. */
export function understand(form: PlanForm, formulaId: string, kitchen: KitchenView): { request?: PlanRequest; faults: Faults } {
  const faults: Faults = {};
  const { vessel, heatSource } = chosen(form, kitchen);
  const covers = parseQuantity(form.covers, 'COUNT', '');
  const serving = parseQuantity(form.serving, 'MASS', 'g', measuresOf(kitchen));
  const { by, read: target } = targetOf(form.target);
  const readyBy = parseHour(form.readyBy);
  const onTable = parseQuantity(form.onTable.trim() || '0', 'SHARE', '%');
  const holdLoss = parseQuantity(form.holdLoss.trim() || '0', 'SHARE', '%');
  if (covers.outcome !== 'understood') faults.covers = covers.message;
  else if (!Number.isInteger(covers.value) || covers.value < 1) faults.covers = 'Type how many people eat, at least 1.';
  if (serving.outcome !== 'understood') faults.serving = serving.message;
  if (target.outcome !== 'understood') faults.target = target.message;
  if (onTable.outcome !== 'understood') faults.onTable = onTable.message;
  if (holdLoss.outcome !== 'understood') faults.holdLoss = holdLoss.message;
  if (readyBy.outcome !== 'understood') faults.readyBy = readyBy.message;
  const { heating, fault } = heatingOf(form, kitchen);
  if (fault) faults.heating = fault;
  if (Object.keys(faults).length > 0 || !vessel || !heatSource || !heating) return { faults };
  if (covers.outcome !== 'understood' || serving.outcome !== 'understood' || target.outcome !== 'understood' || readyBy.outcome !== 'understood' || onTable.outcome !== 'understood' || holdLoss.outcome !== 'understood') return { faults };
  return {
    faults,
    request: {
      formulaId, schools: form.schools, onTheTableFraction: onTable.value, holdLossFraction: holdLoss.value, packGoal: form.packGoal, covers: covers.value, servingMassKilograms: serving.value, servingText: form.serving, ...(by === 'plate' ? { targetSpreadMeters: target.value } : { targetSolidsFraction: target.value }), targetText: form.target,
      vesselId: vessel.id, heatSourceId: heatSource.id, heating, lid: form.lid, wholePacks: form.wholePacks,
      readyByLocalTime: readyBy.localTime, ...(readyBy.localDate ? { readyByLocalDate: readyBy.localDate } : {}),
    },
  };
}
