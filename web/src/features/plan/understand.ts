import type { FormulaSummary, KitchenView, PlanRequest } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import type { Taken } from '../../api/occupancy';
import { parseHour, parseQuantity, type Understanding } from '../../quantities';
import { heatingOf } from '../../ui/heat';
import { chosen, type Faults, type PlanForm } from './form';

/** A thickness by its solids, as the width of a spoonful on a plate, or as it gets in a time. */
export function targetOf(text: string): { by: 'solids' | 'plate' | 'time'; read: Understanding } {
  const width = parseQuantity(text, 'LENGTH', '');
  if (width.outcome === 'understood') return { by: 'plate', read: width };
  const time = parseQuantity(text, 'DURATION', '');
  return time.outcome === 'understood'
    ? { by: 'time', read: time }
    : { by: 'solids', read: parseQuantity(text, 'SHARE', '%') };
}

const valueOf = (read: Understanding): number => (read.outcome === 'understood' ? read.value : 0);

const targetFields = ({ by, read }: ReturnType<typeof targetOf>, value = valueOf(read)) =>
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
      text: mass.outcome === 'understood' ? mass.entered : text,
      massKilograms: mass.outcome === 'understood' ? mass.value : 0,
    })),
  };
}

/** What is known of a formula's sauce before it is planned. */
type Ladled = Pick<FormulaSummary, 'id' | 'ladledKilogramsPerCubicMeter' | 'thickens'>;

/** Sauce for each, weighed or ladled: a volume weighs what this sauce does. */
export function servingOf(text: string, formula: Ladled, kitchen: KitchenView) {
  const weighed = parseQuantity(text, 'MASS', 'g', measuresOf(kitchen));
  const density = formula.ladledKilogramsPerCubicMeter;
  const ladled = parseQuantity(text, 'VOLUME', '');
  if (ladled.outcome !== 'understood' || density === undefined) return weighed;
  // The server reads masses: a volume goes to it weighed.
  return { ...ladled, value: ladled.value * density, entered: '' };
}

/** What is typed, field by field. */
function read(form: PlanForm, formula: Ladled, kitchen: KitchenView) {
  return {
    covers: parseQuantity(form.covers, 'COUNT', ''),
    serving: servingOf(form.serving, formula, kitchen),
    target: targetOf(form.target),
    readyBy: parseHour(form.readyBy),
    onTable: parseQuantity(form.onTable.trim() || '0', 'SHARE', '%'),
    holdLoss: parseQuantity(form.holdLoss.trim() || '0', 'SHARE', '%'),
    stock: stocked(form, kitchen),
    heat: heatingOf(form, kitchen),
  };
}
type Read = ReturnType<typeof read>;

const said = (of: Understanding | Read['readyBy']): string | undefined =>
  of.outcome === 'understood' ? undefined : of.message;

function coversFault({ covers }: Read): string | undefined {
  if (covers.outcome !== 'understood') return covers.message;
  return Number.isInteger(covers.value) && covers.value >= 1
    ? undefined
    : 'Type how many people eat, at least 1.';
}

/** What is wrong with it, by field. */
function faultsOf(of: Read, form: PlanForm, thickens: boolean): Faults {
  const all: Record<keyof Faults, string | undefined> = {
    available: of.stock.fault,
    covers: form.sizedBy === 'COVERS' ? coversFault(of) : undefined,
    serving: said(of.serving),
    target: thickens ? said(of.target.read) : undefined,
    onTable: said(of.onTable),
    holdLoss: said(of.holdLoss),
    readyBy: said(of.readyBy),
    heating: of.heat.fault,
    oven: undefined,
    fromTubs: undefined,
  };
  return Object.fromEntries(Object.entries(all).filter(([, fault]) => fault)) as Faults;
}

/** The request that the form means, or what is wrong with its fields. */
export function understand(
  form: PlanForm,
  formula: Ladled,
  kitchen: KitchenView,
  taken: Taken,
): { request?: PlanRequest; faults: Faults } {
  const of = read(form, formula, kitchen);
  const faults = faultsOf(of, form, formula.thickens);
  const { vessel, heatSource } = chosen(form, kitchen, taken);
  const { covers, serving, target, readyBy, onTable, holdLoss, stock, heat } = of;
  if (Object.keys(faults).length > 0 || !vessel || !heatSource || !heat.heating) return { faults };
  if (
    serving.outcome !== 'understood' ||
    (formula.thickens && target.read.outcome !== 'understood') ||
    readyBy.outcome !== 'understood' ||
    onTable.outcome !== 'understood' ||
    holdLoss.outcome !== 'understood'
  )
    return { faults };
  const { available } = stock;
  return {
    faults,
    request: {
      formulaId: formula.id,
      ...(form.goesOn ? { goesOnLotId: form.goesOn.lotId } : {}),
      schools: form.schools,
      onTheTableFraction: onTable.value,
      holdLossFraction: holdLoss.value,
      packGoal: form.packGoal,
      // Until something is typed that there is, the plan for those who eat stands: its purchases
      // can be chosen from.
      sizedBy: form.sizedBy === 'STOCK' && available.length === 0 ? 'COVERS' : form.sizedBy,
      covers: covers.outcome === 'understood' && covers.value >= 1 ? Math.floor(covers.value) : 1,
      available,
      servingMassKilograms: serving.value,
      servingText: serving.entered,
      ...(formula.thickens
        ? { ...targetFields(target), targetText: form.target }
        : { targetText: '' }),
      vesselId: vessel.id,
      heatSourceId: heatSource.id,
      heating: heat.heating,
      lid: form.lid,
      ...(form.phases.length > 0
        ? {
            phases: form.phases.map(({ phase, way, lid }) => ({
              phase,
              lid,
              heating: { way, fan: false },
            })),
          }
        : {}),
      ...(form.fromTubs.length > 0
        ? { fromTubs: form.fromTubs.map(({ formulaId, lotId }) => ({ formulaId, lotId })) }
        : {}),
      ...(form.stageMinutes.length > 0 ? { stageMinutes: form.stageMinutes } : {}),
      rounding: form.rounding,
      readyByLocalTime: readyBy.localTime,
      ...(readyBy.localDate ? { readyByLocalDate: readyBy.localDate } : {}),
    },
  };
}
