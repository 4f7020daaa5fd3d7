import type { BenchView } from '../../../api/client';

export type Work = BenchView['work'][number];
export type Lane = BenchView['lanes'][number];

/** What is drawn in a lane: solid while it needs a person, hatched while it goes on by itself. */
export interface Bar {
  key: string;
  /** In ms, as clocks count. */
  from: number;
  solidTo: number;
  to: number;
  /** Until then it stands there, and nothing is done to it. */
  heldTo: number;
  words: string;
  title: string;
  /** Place of its dish among all. */
  dish: number;
  /** How far it is; absent before the service is started. */
  state?: WorkState | undefined;
  /** Where it was before the last plan moved it. */
  was?: number | undefined;
  /** Bars that would lie on one another lie below each other. */
  row: number;
}
export type WorkState = 'TO_COME' | 'GOING' | 'OVER';
/** What has happened of it, by key of the work. */
export interface Happened {
  states: Map<string, WorkState>;
  /** Hours at which works were before the last plan moved them. */
  moved: Map<string, string>;
}
export interface DrawnLane {
  lane: Lane;
  /** Pots that stand there. */
  note: string;
  bars: Bar[];
  rows: number;
}

const HOUR_MS = 3_600_000;
const JUST_BEFORE_MS = 1_200_000;
const EDGE_MS = 300_000;
const ms = (instant: string): number => Date.parse(instant);

/** Names of the dishes, in the order in which they are first worked on. */
export const dishesOf = (bench: BenchView): string[] => [
  ...new Set(bench.work.map((w) => w.task.name)),
];

function bar(
  work: Work,
  lane: Lane,
  dishes: string[],
  happened: Happened | undefined,
): Omit<Bar, 'row'> | undefined {
  const { task } = work;
  const common = {
    key: task.key,
    from: ms(work.begins),
    words: task.what,
    title: `${task.name}: ${task.what}`,
    dish: dishes.indexOf(task.name),
    state: happened?.states.get(task.key),
    was: wasAt(happened, task.key),
  };
  if (lane.kind === 'COOK')
    return work.by === lane.name && work.handsUntil !== work.begins
      ? {
          ...common,
          solidTo: ms(work.handsUntil),
          to: ms(work.handsUntil),
          heldTo: ms(work.handsUntil),
        }
      : undefined;
  const held = work.holds.find((h) => h.laneId === lane.id);
  return held
    ? { ...common, solidTo: ms(work.handsUntil), to: ms(work.ends), heldTo: ms(held.until) }
    : undefined;
}

function wasAt(happened: Happened | undefined, key: string): number | undefined {
  const was = happened?.moved.get(key);
  return was === undefined ? undefined : ms(was);
}

/** Each in the first row that is free. */
function stacked(bars: Omit<Bar, 'row'>[]): { bars: Bar[]; rows: number } {
  const ends: number[] = [];
  const placed = bars.map((b) => {
    const free = ends.findIndex((end) => end <= b.from);
    const row = free < 0 ? ends.length : free;
    ends[row] = b.to;
    return { ...b, row };
  });
  return { bars: placed, rows: Math.max(1, ends.length) };
}

/** Lanes with what is done in them; hands always, of all else what is used. */
export function drawn(bench: BenchView, happened?: Happened): DrawnLane[] {
  const dishes = dishesOf(bench);
  return bench.lanes
    .map((lane) => {
      const works = bench.work.flatMap((w) => bar(w, lane, dishes, happened) ?? []);
      return { lane, note: potsOn(bench, lane), ...stacked(works) };
    })
    .filter((one) => one.lane.kind === 'COOK' || one.bars.length > 0);
}

function potsOn(bench: BenchView, lane: Lane): string {
  if (lane.kind !== 'BURNER') return '';
  const pots = bench.work
    .filter((w) => w.holds.some((h) => h.laneId === lane.id))
    .flatMap((w) => w.task.needs.filter((n) => n.holds === 'VESSEL').map((n) => n.name));
  return [...new Set(pots)].join(', ');
}

/** From when to when a picture goes: so many hours before the next plates, or all of it. */
export function windowOf(
  bench: BenchView,
  hours: number | undefined,
  now: number,
): [number, number] {
  const served = bench.hours
    .map((h) => ({ from: ms(h.at), until: ms(h.until ?? h.at) }))
    .toSorted((a, b) => a.until - b.until);
  const last = served.at(-1)?.until ?? now;
  const begins = Math.min(...bench.work.map((w) => ms(w.begins)), last);
  if (hours === undefined) return [begins, last];
  const next = served.find((out) => out.until > now) ?? { from: last, until: last };
  return [Math.max(begins, next.from - hours * HOUR_MS), next.until];
}

/** Of a service that goes on: so many hours from just before now, or from its first work. */
export function windowFromNow(
  bench: BenchView,
  hours: number | undefined,
  now: number,
): [number, number] {
  const [begins, last] = windowOf(bench, undefined, now);
  if (hours === undefined) return [begins, last];
  const from = Math.max(now - JUST_BEFORE_MS, begins - EDGE_MS);
  return [from, Math.max(from + EDGE_MS, Math.min(from + hours * HOUR_MS, last))];
}
