import { useFields } from '../../ui/useFields';
import { FIRST, type PlanForm } from './form';

/** The form, kept for good and in every tab: the next batch begins as the last. */
export function usePlanForm() {
  const { values, change } = useFields<PlanForm>(FIRST, { kept: 'plan', keptMs: Infinity });
  return { form: values, change };
}
