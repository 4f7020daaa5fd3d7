import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { client, type KitchenView, type MealSheet, type MealView } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { measuresOf } from '../../api/kitchen';
import { answered, ProblemError } from '../../api/problem';
import { parseQuantity, withUnit } from '../../quantities';
import { useKept } from '../../ui/useKept';
import { report } from '../../api/report';

type Dish = MealSheet['dishes'][number];
/** What is typed for a dish, raw. */
export interface DishText extends Omit<Dish, 'covers' | 'servingMassKilograms' | 'baseFormulaId'> {
  key: string;
  covers: string;
  baseFormulaId?: string | undefined;
}
export interface MealText {
  name: string;
  packGoal: MealSheet['packGoal'];
  tubsStay: boolean;
  dishes: DishText[];
}
const WAIT_MS = 250;

export const textOf = (sheet: MealSheet): MealText => ({
  name: sheet.name,
  packGoal: sheet.packGoal,
  tubsStay: sheet.tubsStay ?? false,
  dishes: sheet.dishes.map((d, i) => ({
    ...d,
    key: `${d.formulaId} ${i}`,
    covers: String(d.covers),
    servingText: withUnit(d.servingText, 'g') || `${Math.round(d.servingMassKilograms * 1000)} g`,
  })),
});

/** The sheet that is meant, and what is wrong with its fields by pointer. */
export function meant(
  text: MealText,
  kitchen: KitchenView,
  parts: ReadonlySet<string>,
): { sheet: MealSheet | undefined; faults: ReadonlyMap<string, string> } {
  const faults = new Map<string, string>();
  if (!text.name.trim()) faults.set('/name', 'Type a name.');
  const dishes = text.dishes.map((d, i): Dish => {
    const covers = parseQuantity(d.covers, 'COUNT', '');
    const serving = parseQuantity(d.servingText, 'MASS', 'g', measuresOf(kitchen));
    if (covers.outcome !== 'understood' || !Number.isInteger(covers.value) || covers.value < 1)
      faults.set(`/dishes/${i}/covers`, 'Type how many eat it, at least 1.');
    const bare = /^\s*[\d.,]+\s*$/.test(d.servingText);
    if (bare && parts.has(d.formulaId))
      faults.set(
        `/dishes/${i}/servingMassKilograms`,
        `${d.servingText.trim()} of what: grams or pieces? Type it with its unit, such as 120 g.`,
      );
    else if (serving.outcome !== 'understood')
      faults.set(`/dishes/${i}/servingMassKilograms`, serving.message);
    const { formulaId, schools, groups, targetSolidsFraction, baseFormulaId } = d;
    return {
      formulaId,
      schools,
      servingText: serving.outcome === 'understood' ? serving.entered : d.servingText,
      groups,
      ...(targetSolidsFraction === undefined ? {} : { targetSolidsFraction }),
      ...(baseFormulaId ? { baseFormulaId } : {}),
      covers: covers.outcome === 'understood' ? covers.value : 1,
      servingMassKilograms: serving.outcome === 'understood' ? serving.value : 0,
    };
  });
  return {
    faults,
    sheet:
      faults.size > 0
        ? undefined
        : {
            name: text.name.trim(),
            packGoal: text.packGoal,
            ...(text.tubsStay ? { tubsStay: true } : {}),
            dishes,
          },
  };
}

/** A meal while it is written: every change is kept by itself. */
export function useMealDraft(start: MealView, kitchen: KitchenView) {
  const queries = useQueryClient();
  const { values: text, change } = useKept(useMemo(() => textOf(start.sheet), [start.sheet]));
  const [meal, setMeal] = useState(start);
  const [problem, setProblem] = useState<ProblemError>();
  const version = useRef(start.version);
  const { data: shelf } = useFormulas();
  const parts = useMemo(
    () => new Set(shelf?.filter((f) => f.targetSolidsFraction === undefined).map((f) => f.id)),
    [shelf],
  );
  const { sheet, faults } = meant(text, kitchen, parts);
  const body = JSON.stringify(sheet);
  // As it reads when it is opened: opening it is no change.
  const saved = useRef(body);
  useEffect(() => {
    if (body === undefined || body === saved.current) return undefined;
    const timer = setTimeout(() => {
      answered(
        client.PUT('/api/meals/{id}', {
          params: { path: { id: start.id }, header: { 'If-Match': version.current } },
          body: JSON.parse(body) as MealSheet,
        }),
      ).then(
        (now) => {
          version.current = now.version;
          saved.current = body;
          setMeal(now);
          setProblem(undefined);
          queries.setQueryData(['meals', start.id], now);
          queries.invalidateQueries({ queryKey: ['meals'], exact: true }).catch(report);
        },
        (e: unknown) => {
          if (e instanceof ProblemError) setProblem(e);
          else throw e;
        },
      );
    }, WAIT_MS);
    return () => clearTimeout(timer);
  }, [body, start.id, queries]);
  return {
    text,
    meal,
    change,
    faultAt: (pointer: string) => faults.get(pointer) ?? problem?.at(pointer),
    problem,
  };
}
