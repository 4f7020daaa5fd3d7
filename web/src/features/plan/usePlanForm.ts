import { useMemo } from 'react';
import type { Units } from '../../quantities';
import { useKept } from '../../ui/useKept';
import { FIRST, type PlanForm } from './form';

/** What nobody has typed over yet, as a kitchen in US units writes it. */
const inUs = (form: PlanForm): PlanForm => ({
  ...form,
  serving: form.serving === FIRST.serving ? '4 oz' : form.serving,
  oven: form.oven === FIRST.oven ? '265 °F' : form.oven,
});

/** The form, kept for good and in every tab: the next batch begins as the last. */
export function usePlanForm(units: Units | undefined) {
  const { values, change } = useKept<PlanForm>(FIRST, 'plan', Infinity);
  const form = useMemo(() => (units === 'US' ? inUs(values) : values), [units, values]);
  return { form, change };
}
