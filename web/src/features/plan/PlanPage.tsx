import { useEffect, useMemo, useRef } from 'react';
import { Link, useLocation } from 'react-router';
import type { FormulaSummary, School } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import type { Units } from '../../quantities';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Planned } from './Planned';
import { again, arriving, type AsItTurnedOut, type PlanForm } from './form';
import { usePlanForm } from './usePlanForm';
import { Pending } from '../../ui/Pending';

const FIRST_FORMULA = 'plain-marinara';

/** One batch: what is needed, when it is thick enough, and what goes into the pot. */
export function PlanPage() {
  const { data: kitchen, error } = useKitchen();
  const shelf = useFormulas();
  const { form, change } = usePlanForm(kitchen?.settings.units);
  const sauces = useMemo(
    () => shelf.data?.filter((f) => f.targetSolidsFraction !== undefined),
    [shelf.data],
  );
  useArrival(sauces, change, kitchen?.settings.units);
  const named = (id: string) => sauces?.find((f) => f.id === id);
  const formula = named(form.formulaId) ?? named(FIRST_FORMULA) ?? sauces?.[0];
  const fault = error ?? shelf.error;
  if (!kitchen || !formula)
    return <Pending title="Plan" sub="one batch" step="Size" shape="columns" error={fault} />;
  if (kitchen.vessels.length === 0 || kitchen.heatSources.length === 0)
    return (
      <Page title={formula.name} sub={formula.inShort} step="Size">
        <Note>
          First tell Urn Stew which pots and burners there are:{' '}
          <Link to="/begin">five questions</Link>, or add one of each in{' '}
          <Link to="/kitchen">Kitchen</Link>.
        </Note>
      </Page>
    );
  return (
    <Planned
      kitchen={kitchen}
      formula={formula}
      formulas={sauces ?? []}
      form={form}
      change={change}
    />
  );
}

/** What another page sends here to be planned. */
interface Arrival {
  formulaId: string;
  schools: School[];
  asItTurnedOut?: AsItTurnedOut;
  covers?: number;
  goesOn?: PlanForm['goesOn'];
  available?: PlanForm['available'];
}

/** A formula sent here to be planned brings its ways, its thickness, its heat and its lid along. */
function useArrival(
  sauces: FormulaSummary[] | undefined,
  change: (to: Partial<PlanForm>) => void,
  units: Units | undefined,
) {
  const { key, state } = useLocation() as { key: string; state: Arrival | null };
  const arrived = useRef('');
  useEffect(() => {
    const formula = sauces?.find((f) => f.id === state?.formulaId);
    if (!state || !formula || !units || arrived.current === key) return;
    arrived.current = key;
    if (state.covers) change({ sizedBy: 'COVERS', covers: String(state.covers) });
    change(
      state.asItTurnedOut
        ? again(formula, state.schools, units, state.asItTurnedOut)
        : arriving(formula, state.schools, units),
    );
    if (state.goesOn)
      change({ goesOn: state.goesOn, sizedBy: 'STOCK', available: state.available ?? [] });
  }, [sauces, key, state, change, units]);
}
