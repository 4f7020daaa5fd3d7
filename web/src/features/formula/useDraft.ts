import { useCallback, useState } from 'react';
import type { Draft, DraftStage } from './draft';

/** The draft with what can be done to it, kept over reloads until it is saved or left. */
export function useDraft(start: Draft, id: string) {
  const place = `urnstew.formula.${id}`;
  const [draft, setDraft] = useState<Draft>(() => {
    const kept = localStorage.getItem(place);
    return kept ? (JSON.parse(kept) as Draft) : start;
  });
  const set = useCallback((to: (from: Draft) => Draft) =>
    setDraft((from) => {
      const next = to(from);
      localStorage.setItem(place, JSON.stringify(next));
      return next;
    }), [place]);
  return {
    draft,
    change: useCallback((to: Partial<Draft>) => set((from) => ({ ...from, ...to })), [set]),
    changeStage: useCallback((key: string, to: Partial<DraftStage>) => set((from) => ({ ...from, stages: from.stages.map((s) => (s.key === key ? { ...s, ...to } : s)) })), [set]),
    moveStage: useCallback((at: number, by: number) => set((from) => ({ ...from, stages: moved(from.stages, at, by) })), [set]),
    dropStage: useCallback((key: string) => set((from) => ({ ...from, stages: from.stages.filter((s) => s.key !== key) })), [set]),
    addStage: useCallback((at: number, stage: DraftStage) => set((from) => ({ ...from, stages: from.stages.toSpliced(at, 0, stage) })), [set]),
    forget: useCallback(() => localStorage.removeItem(place), [place]),
  };
}

/** One item moved up or down; at the edge nothing moves. */
export function moved<T>(items: readonly T[], at: number, by: number): T[] {
  const to = at + by;
  const item = items[at];
  return item === undefined || to < 0 || to >= items.length ? [...items] : items.toSpliced(at, 1).toSpliced(to, 0, item);
}
