import { useKept } from '../../ui/useKept';
import { FIRST, type PlanForm } from './form';

/** The form, kept for good and in every tab: the next batch begins as the last. */
export function usePlanForm() {
  const { values, change } = useKept<PlanForm>(FIRST, 'plan', Infinity);
  return { form: values, change };
}
