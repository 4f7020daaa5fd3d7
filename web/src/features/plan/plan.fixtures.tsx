import { vi } from 'vitest';
import type { AlternativeView, PlanPreview, PlanView, TaskView, WaysView } from '../../api/client';
import { Choices } from '../../ui/Choices';
import { useLastTime } from './useLastTime';

export const way = (
  kind: AlternativeView['kind'],
  what: string,
  minutes: number,
): AlternativeView => ({
  kind,
  what,
  cost: 'some cost',
  simmerSeconds: minutes * 60,
  thickAt: new Date(Date.parse('2026-03-02T16:00:00Z') + minutes * 60_000).toISOString(),
  vesselId: 'wide',
  heating: { way: 'ROLLING', fan: false },
  lid: 'OFF',
  amountKilograms: 0,
  covers: 22,
  targetSolidsFraction: 0.096,
  readyBy: '2026-03-02T18:40:00Z',
});
export const here = { vesselId: 'rondeau', covers: 22 };
export const hours = (spareAtWorstSeconds: number) =>
  ({ spareAtWorstSeconds }) as unknown as PlanView['hours'];
export const ways = (sooner: AlternativeView[], later: AlternativeView[] = []) =>
  ({ sooner, later, working: { figure: 'otherWays', terms: [] } }) as unknown as WaysView;
export const plan = {
  workings: [{ figure: 'preparation' }],
  stages: [
    { title: 'Soffritto', role: 'PREPARE', seconds: 840 },
    {
      title: 'Brown the meat',
      role: 'PREPARE',
      seconds: 1260,
      loads: { count: 3, eachKilograms: 0.51 },
    },
    { title: 'Simmer', role: 'REDUCE', seconds: 0 },
  ],
} as unknown as PlanView;

export const task = (
  key: string,
  kind: TaskView['kind'],
  what: string,
  at: string,
  minutes: number,
  to: Partial<TaskView> = {},
) =>
  ({
    key: `ragu/${key}`,
    kind,
    what,
    at,
    hands: { likelySeconds: minutes * 60 },
    unattended: { likelySeconds: 0 },
    needs: [],
    ...to,
  }) as unknown as TaskView;
export const board = { needs: [{ holds: 'TOOL' as const, name: 'board' }] };
export const work = {
  plan: { ...plan, hours: {} },
  tasks: [
    task('prep-onion', 'PREP', 'onion: fine dice', '2026-03-02T15:30:00Z', 6, {
      massKilograms: 0.2,
      ...board,
    }),
    task('prep-carrot', 'PREP', 'carrot: fine dice', '2026-03-02T15:36:00Z', 5, {
      massKilograms: 0.15,
      ...board,
    }),
    task('early-porcini', 'BEGIN_EARLY', 'dried porcini: soaked', '2026-03-02T15:10:00Z', 3),
    task('light', 'LIGHT', 'light it', '2026-03-02T15:41:00Z', 1, {
      needs: [
        { holds: 'VESSEL', name: 'Rondeau' },
        { holds: 'BURNER', name: 'Gas' },
      ],
    }),
    task('stage-1', 'STAGE', 'brown the meat', '2026-03-02T15:55:00Z', 21),
  ],
} as unknown as PlanPreview;

export function LastTime() {
  const options = useLastTime('plain-marinara', 'UTC', 'METRIC');
  return <Choices label="Thickness" options={options} chosen="" onChoose={vi.fn()} />;
}
