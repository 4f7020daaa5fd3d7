import { useCallback, useMemo } from 'react';
import type { FormulaView, KitchenView } from '../../api/client';
import type { Goods } from '../../api/goods';
import { measuresOf } from '../../api/kitchen';
import { said } from '../../quantities';
import type { Draft } from './draft';
import { sheetOf } from './sheetOf';
import { useAnalysis } from './useAnalysis';
import { useDraft } from './useDraft';
import { useWrite } from './useWrite';

interface Props {
  start: Draft;
  from: FormulaView | undefined;
  kitchen: KitchenView;
  goods: Goods[];
}

/** A formula while it is written: what it means, what it comes to, what is wrong with it. */
export function useEditor({ start, from, kitchen, goods }: Props) {
  const { draft, ops } = useDraft(start, from?.id ?? 'new');
  const pantry = useMemo(() => new Map(goods.map((g) => [g.id, g])), [goods]);
  const measures = useCallback(
    (ingredientId: string) => measuresOf(kitchen, ingredientId),
    [kitchen],
  );
  const { sheet, faults } = useMemo(
    () => sheetOf(draft, pantry, measures),
    [draft, pantry, measures],
  );
  const named = sheet && draft.name.trim() ? sheet : undefined;
  const { analysis, problem } = useAnalysis(
    sheet && sheet.stages.some((s) => s.lines.length > 0)
      ? { ...sheet, name: sheet.name.trim() || 'not named yet' }
      : undefined,
  );
  const { write, fault } = useWrite(from, ops.forget);
  const faultAt = (pointer: string) =>
    faults.get(pointer) ?? problem?.at(pointer) ?? fault?.at(pointer);
  /** The faults of one stage by field, as text, so that equal ones are the same. */
  const faultsOf = (stage: number) => {
    const at = `/stages/${stage}/`;
    const server = (problem?.problem.errors ?? []).map(
      (e) => [e.pointer, said(`${e.message} ${e.remedy}`)] as const,
    );
    const told = [...faults, ...server].filter(([pointer]) => pointer.startsWith(at));
    return JSON.stringify(
      Object.fromEntries(told.map(([pointer, words]) => [pointer.slice(at.length), words])),
    );
  };
  const isWhole = named !== undefined && !problem;
  return {
    draft,
    ops,
    pantry,
    measures,
    target: sheet?.targetSolidsFraction,
    analysis,
    fault,
    faultAt,
    faultsOf,
    isWhole,
    save: async () => (isWhole ? write(named) : undefined),
  };
}
export type Editing = ReturnType<typeof useEditor>;
