import { useMemo } from 'react';
import { useKept } from '../../ui/useKept';
import { newLine, newStage, type Draft, type DraftLine, type DraftStage } from './draft';

/** What can be done to a draft; the same functions for good, so that rows that do not change stay still. */
export interface DraftOps {
  change: (to: Partial<Draft>) => void;
  changeStage: (stage: string, to: Partial<DraftStage>) => void;
  moveStage: (stage: string, by: number) => void;
  dropStage: (stage: string) => void;
  addStageAfter: (stage: string) => void;
  changeLine: (stage: string, line: string, to: Partial<DraftLine>) => void;
  dropLine: (stage: string, line: string) => void;
  moveLine: (stage: string, line: string, by: number) => void;
  /** Puts an empty line after one, or at the end; its key. */
  addLineAfter: (stage: string, line?: string) => string;
  addLines: (stage: string, lines: DraftLine[]) => void;
  forget: () => void;
}

/** The draft, kept over reloads until it is saved or left. */
export function useDraft(start: Draft, id: string): { draft: Draft; ops: DraftOps } {
  const { values, change, forget } = useKept<Draft>(start, `formula ${id}`, Infinity);
  const ops = useMemo((): DraftOps => {
    const set = (to: (from: Draft) => Draft) => change(to);
    const stages = (to: (from: DraftStage[]) => DraftStage[]) =>
      set((from) => ({ ...from, stages: to(from.stages) }));
    const lines = (stage: string, to: (from: DraftLine[]) => DraftLine[]) =>
      stages((all) => all.map((s) => (s.key === stage ? { ...s, lines: to(s.lines) } : s)));
    return {
      change: (to) => set((from) => ({ ...from, ...to })),
      changeStage: (stage, to) =>
        stages((all) => all.map((s) => (s.key === stage ? { ...s, ...to } : s))),
      moveStage: (stage, by) =>
        stages((all) =>
          moved(
            all,
            all.findIndex((s) => s.key === stage),
            by,
          ),
        ),
      dropStage: (stage) => stages((all) => all.filter((s) => s.key !== stage)),
      addStageAfter: (stage) =>
        stages((all) => all.toSpliced(all.findIndex((s) => s.key === stage) + 1, 0, newStage())),
      changeLine: (stage, line, to) =>
        lines(stage, (all) => all.map((l) => (l.key === line ? { ...l, ...to } : l))),
      dropLine: (stage, line) => lines(stage, (all) => all.filter((l) => l.key !== line)),
      moveLine: (stage, line, by) =>
        lines(stage, (all) =>
          moved(
            all,
            all.findIndex((l) => l.key === line),
            by,
          ),
        ),
      addLineAfter: (stage, line) => {
        const added = newLine();
        lines(stage, (all) =>
          line === undefined
            ? [...all, added]
            : all.toSpliced(all.findIndex((l) => l.key === line) + 1, 0, added),
        );
        return added.key;
      },
      addLines: (stage, read) =>
        lines(stage, (all) => [...all.filter((l) => l.amount || l.ingredientId), ...read]),
      forget,
    };
  }, [change, forget]);
  return { draft: values, ops };
}

/** One item moved up or down; at the edge nothing moves. */
export function moved<T>(items: readonly T[], at: number, by: number): T[] {
  const to = at + by;
  const item = items[at];
  return item === undefined || to < 0 || to >= items.length
    ? [...items]
    : items.toSpliced(at, 1).toSpliced(to, 0, item);
}
