import type { BenchView, TaskView } from '../../../api/client';

const at = (clock: string): string => `2026-03-02T${clock}:00Z`;
const none = { leastSeconds: 0, likelySeconds: 0, mostSeconds: 0 };

function task(key: string, name: string, what: string, over: Partial<TaskView> = {}): TaskView {
  return {
    key,
    kind: 'STAGE',
    place: 'PLAN',
    subjectId: key,
    name,
    what,
    earliest: at('16:00'),
    at: at('16:00'),
    latest: at('16:00'),
    waitFrom: at('16:00'),
    hands: none,
    unattended: none,
    needs: [],
    follows: [],
    ...over,
  };
}

interface Placed {
  from: string;
  hands: string;
  to: string;
  by?: string;
  on?: string;
  spare?: number;
  buffer?: number;
}

const placed = (of: TaskView, p: Placed): BenchView['work'][number] => ({
  task: of,
  begins: at(p.from),
  handsUntil: at(p.hands),
  ends: at(p.to),
  ...(p.by ? { by: p.by } : {}),
  holds: p.on ? [{ laneId: p.on, until: at(p.to) }] : [],
  spareSeconds: p.spare ?? 600,
  bufferSeconds: p.buffer ?? 0,
});

/** A made-up evening: a sauce, its pasta, and eight plates at half past six. */
export const bench: BenchView = {
  mealId: 'm1',
  name: 'Before the watch',
  version: 3,
  from: at('15:00'),
  hours: [{ dish: 'Ridge ragù', covers: 8, at: at('18:30') }],
  verdict: 'FITS',
  lateMinutes: 0,
  proven: true,
  by: 'cp-sat',
  lanes: [
    { kind: 'COOK', id: 'Ada', name: 'Ada' },
    { kind: 'COOK', id: 'Bo', name: 'Bo' },
    { kind: 'BURNER', id: 'h1', name: 'Gas ring' },
    { kind: 'BURNER', id: 'h2', name: 'Back ring' },
  ],
  work: [
    placed(
      task('simmer', 'Ridge ragù', 'simmer', {
        needs: [{ holds: 'VESSEL', id: 'v1', name: 'Rondeau' }],
      }),
      { from: '15:30', hands: '15:35', to: '18:10', by: 'Ada', on: 'h1', buffer: 900 },
    ),
    placed(task('drop', 'Spaghetti', 'pasta in', { kind: 'COOK', massKilograms: 0.8 }), {
      from: '18:12',
      hands: '18:13',
      to: '18:24',
      by: 'Bo',
      on: 'h1',
    }),
    placed(task('plate', 'Ridge ragù', 'put up the plates', { kind: 'PLATE', plates: 8 }), {
      from: '18:26',
      hands: '18:30',
      to: '18:30',
      by: 'Ada',
      spare: 420,
    }),
  ],
  tooLong: [],
  takeOuts: [{ dish: 'Ridge ragù', what: '3 bay leaves' }],
  spareSeconds: 420,
  tightest: 'plate',
  learnt: [{ kind: 'PLATE', ratio: 1.189, works: 3 }],
};
