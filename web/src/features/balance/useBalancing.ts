import { useCallback, useMemo } from 'react';
import { useBalance } from '../../api/balance';
import {
  newId,
  type DoseView,
  type Fault,
  type KitchenView,
  type RemedyView,
} from '../../api/client';
import { pointerOf, understand, useBalanceForm, type CupText, type Which } from './form';

/** At once: the next keystroke drops the question while it is on its way. */
const REST_MS = 0;

/** A cup of each dose that names an ingredient. */
const cupsOf = (doses: DoseView[]): CupText[] =>
  doses.flatMap(({ ingredientId, name, massKilograms }) =>
    ingredientId === undefined
      ? []
      : [{ key: newId(), note: '', doses: [{ ingredientId, name, massKilograms }] }],
  );

/** The formula of a pot that is not on the stove. */
function formulaOf(which: Which): string | undefined {
  if ('plan' in which) return which.plan.formulaId;
  return 'formulaId' in which ? which.formulaId : undefined;
}

/** One pot while it is balanced: what is typed of it, what that comes to, what is wrong. */
export function useBalancing(pot: string, which: Which, kitchen: KitchenView) {
  const { form, change } = useBalanceForm(pot);
  const { request, faults } = useMemo(
    () => understand(form, which, kitchen),
    [form, which, kitchen],
  );
  const { balance, problem } = useBalance(request, REST_MS);
  const fields = [
    'pH',
    'brix',
    'portion',
    'finish',
    'cup',
    ...form.plate.map((_, i) => `plate.${i}`),
  ];
  return {
    form,
    change,
    faults,
    balance,
    problem,
    batchId: 'batchId' in which ? which.batchId : undefined,
    formulaId: formulaOf(which),
    brixFraction: request.measured.brixFraction,
    faultAt: (field: string) => faults[field] ?? problem?.at(pointerOf(field)),
    /** Whether a field says what is wrong. */
    isMarked:
      Object.keys(faults).length > 0 || fields.some((f) => problem?.at(pointerOf(f)) !== undefined),
    onFault: useCallback((fault: Fault) => change({ fault }), [change]),
    onSteps: useCallback((steps: number) => change({ steps }), [change]),
    onCup: useCallback(
      ({ dose }: RemedyView) =>
        dose && change(({ cups }) => ({ cups: [...cups, ...cupsOf([dose])] })),
      [change],
    ),
    onCups: useCallback(
      (doses: DoseView[]) =>
        change(({ cups }) => ({
          cups: [...cups.slice(0, 1), ...cupsOf(doses)],
          chosen: undefined,
        })),
      [change],
    ),
  };
}
export type Balancing = ReturnType<typeof useBalancing>;
