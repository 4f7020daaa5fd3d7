import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { client, type KitchenView, type MealSheet, type MealView } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { measuresOf } from '../../api/kitchen';
import { answered, ProblemError } from '../../api/problem';
import { parseQuantity, withUnit, type Units } from '../../quantities';
import { useKept } from '../../ui/useKept';
import { report } from '../../api/report';
import { meantCooks, textOfCooks } from './cooks';
import { meantOut, textOfOut } from './hoursOut';
import { textOfBeside, type BesideText } from './beside/besideText';
import { meantBeside } from './beside/meantBeside';

type Dish = MealSheet['dishes'][number];
/** What is typed for a dish, raw. */
export interface DishText extends Omit<
  Dish,
  | 'covers'
  | 'servingMassKilograms'
  | 'baseFormulaId'
  | 'besides'
  | 'servedLocalTime'
  | 'servedUntilLocalTime'
> {
  key: string;
  covers: string;
  baseFormulaId?: string | undefined;
  besides: BesideText[];
  /** An hour of its own, as typed; empty where it goes out with the others. */
  served: string;
}
export interface MealText {
  name: string;
  packGoal: MealSheet['packGoal'];
  tubsStay: boolean;
  /** When the plates go out, or from when until when, as typed; empty where nobody said so. */
  served: string;
  /** Names, and hours behind them where somebody comes later or leaves. */
  cooks: string;
  dishes: DishText[];
}
const WAIT_MS = 250;

export const textOf = (sheet: MealSheet, units: Units = 'METRIC'): MealText => ({
  name: sheet.name,
  packGoal: sheet.packGoal,
  tubsStay: sheet.tubsStay ?? false,
  served: textOfOut(sheet),
  cooks: textOfCooks(sheet.cooks ?? []),
  dishes: sheet.dishes.map((d, i) => ({
    ...d,
    key: `${d.formulaId} ${i}`,
    covers: String(d.covers),
    servingText: withUnit(d.servingText, 'g') || `${Math.round(d.servingMassKilograms * 1000)} g`,
    besides: (d.besides ?? []).map((b, at) => textOfBeside(b, at, units)),
    served: textOfOut(d),
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
  const out = meantOut(text.served, '', faults);
  const cooks = meantCooks(text.cooks, faults);
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
      ...(d.besides.length > 0 && {
        besides: d.besides.map((b, at) =>
          meantBeside(b, `/dishes/${i}/besides/${at}`, faults, measuresOf(kitchen)),
        ),
      }),
      ...meantOut(d.served, `/dishes/${i}`, faults),
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
            ...out,
            ...(cooks.length > 0 && { cooks }),
            dishes,
          },
  };
}

/** A meal while it is written: every change is kept by itself. */
export function useMealDraft(start: MealView, kitchen: KitchenView) {
  const { units } = kitchen.settings;
  const { values: text, change } = useKept(
    useMemo(() => textOf(start.sheet, units), [start.sheet, units]),
  );
  const [meal, setMeal] = useState(start);
  const [problem, setProblem] = useState<ProblemError>();
  const { data: shelf } = useFormulas();
  const parts = useMemo(
    () => new Set(shelf?.filter((f) => f.targetSolidsFraction === undefined).map((f) => f.id)),
    [shelf],
  );
  const { sheet, faults } = meant(text, kitchen, parts);
  const body = JSON.stringify(sheet);
  const { flush } = useKeeping(start.id, start.version, body, setMeal, setProblem);
  return {
    text,
    meal,
    change,
    faultAt: (pointer: string) => faults.get(pointer) ?? problem?.at(pointer),
    problem,
    flush,
  };
}

/** Keeps what is meant a moment after it was typed, one write after the other, and before leaving. */
function useKeeping(
  id: string,
  startVersion: number,
  body: string | undefined,
  onKept: (meal: MealView) => void,
  onProblem: (problem: ProblemError | undefined) => void,
) {
  const queries = useQueryClient();
  const version = useRef(startVersion);
  // As it reads when it is opened: opening it is no change.
  const sent = useRef(body);
  const wanted = useRef(body);
  const writes = useRef(Promise.resolve());
  const told = useRef({ onKept, onProblem });
  const flush = useCallback((): Promise<void> => {
    const next = wanted.current;
    if (next === undefined || next === sent.current) return writes.current;
    sent.current = next;
    writes.current = writes.current.then(() =>
      answered(
        client.PUT('/api/meals/{id}', {
          params: { path: { id }, header: { 'If-Match': version.current } },
          body: JSON.parse(next) as MealSheet,
        }),
      ).then(
        (now) => {
          version.current = now.version;
          told.current.onKept(now);
          told.current.onProblem(undefined);
          queries.setQueryData(['meals', id], now);
          queries.invalidateQueries({ queryKey: ['meals'], exact: true }).catch(report);
        },
        (e: unknown) => {
          if (!(e instanceof ProblemError)) throw e;
          told.current.onProblem(e);
        },
      ),
    );
    return writes.current;
  }, [id, queries]);
  useEffect(() => {
    wanted.current = body;
    if (body === undefined || body === sent.current) return undefined;
    const timer = setTimeout(() => {
      flush().catch(report);
    }, WAIT_MS);
    return () => clearTimeout(timer);
  }, [body, flush]);
  useEffect(
    () => () => {
      flush().catch(report);
    },
    [flush],
  );
  return { flush };
}
