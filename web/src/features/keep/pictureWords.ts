import type { KeepingView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { says } from './keeping';
import { degrees } from './words';

const HOUR_MS = 3_600_000;
/** Slower than this nobody calls it falling, °C an hour. */
const STILL = 0.5;

interface Reading {
  at: number;
  celsius: number;
}

/** In a straight line between the points before and after; the nearest beyond the ends. */
function at(course: readonly Reading[], moment: number): number | undefined {
  const next = course.findIndex((c) => c.at >= moment);
  const [before, after] = [course[next - 1], course[next]];
  if (!after) return course.at(-1)?.celsius;
  if (!before) return after.celsius;
  const share = (moment - before.at) / (after.at - before.at || 1);
  return before.celsius + share * (after.celsius - before.celsius);
}

/** A difference of temperatures, without its unit. */
const difference = (kelvins: number, units: Units): string =>
  show.fixed(Math.abs(kelvins) * (units === 'US' ? 1.8 : 1), 0);

function moving(perHour: number, units: Units): string {
  if (Math.abs(perHour) < STILL) return 'steady';
  return `${perHour < 0 ? 'falling' : 'rising'} ${difference(perHour, units)} an hour`;
}

/** Where it is, against what, and where it goes; nothing where nothing is known. */
function course(k: KeepingView, now: number, units: Units): string[] {
  if (k.cooling) {
    const likely = k.cooling.likely.map((c) => ({ at: Date.parse(c.at), celsius: c.celsius }));
    const here = at(likely, now);
    const then = at(likely, now + HOUR_MS);
    const mark = k.cooling.marks.find((m) => Date.parse(m.deadline) > now);
    if (here === undefined || then === undefined) return [];
    return [
      `likely ${degrees(here, units)}`,
      ...(mark ? [against(here, mark.celsius, units)] : []),
      moving(then - here, units),
    ];
  }
  const reads = k.entries
    .filter((e) => e.celsius !== undefined && !e.struckOut)
    .map((e) => ({ at: Date.parse(e.at), celsius: e.celsius ?? 0 }));
  const last = reads.at(-1);
  const before = reads.at(-2);
  if (!k.hold || !last) return [];
  const perHour =
    before && last.at > before.at
      ? ((last.celsius - before.celsius) / (last.at - before.at)) * HOUR_MS
      : undefined;
  return [
    degrees(last.celsius, units),
    against(last.celsius, k.hold.limitCelsius, units),
    ...(perHour === undefined ? [] : [moving(perHour, units)]),
  ];
}

function against(celsius: number, limit: number, units: Units): string {
  const side = celsius < limit ? 'below' : 'above';
  return `${difference(celsius - limit, units)} ${side} ${degrees(limit, units)}`;
}

/** What the rail of something kept shows, for those who do not see it. */
export function pictureWords(k: KeepingView, now: number, zone: string, units: Units): string {
  const said = says(k, now, zone, units);
  const asks = said ? [said.figure, said.words].filter(Boolean).join(', ') : '';
  return [`${k.name}: ${course(k, now, units).join(', ')}`, asks].filter(Boolean).join('; ');
}
