import type { CoursePoint } from '../api/client';

/** A corner of the limit: under it by then. */
export interface Corner {
  celsius: number;
  by: string;
  words: string;
}
/** From its start downwards, corner by corner; or one level that must not be undercut. */
export type Edge =
  { startsAt: string; celsius: number; corners: Corner[] } | { level: number; words: string };

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

export const ms = (at: string): number => Date.parse(at);

/** The side of a limit on which nothing may lie, and the limit itself, as paths. */
export function forbidden(
  edge: Edge,
  x: (at: number) => number,
  y: (celsius: number) => number,
  box: Box,
): { area: string; border: string } {
  if ('level' in edge) {
    const border = `M${box.left} ${y(edge.level)}H${box.right}`;
    return { border, area: `${border}V${box.bottom}H${box.left}Z` };
  }
  // Down to each mark when its time is over, and along it to the next.
  let border = `M${x(ms(edge.startsAt))} ${y(edge.celsius)}`;
  for (const c of edge.corners) border += `H${x(ms(c.by))}V${y(c.celsius)}`;
  return { border, area: `${border}H${box.right}V${box.top}H${x(ms(edge.startsAt))}Z` };
}

/** A course up to the end of the picture, ended on its edge. */
export function cut(points: CoursePoint[], until: number): CoursePoint[] {
  const out = points.findIndex((c) => ms(c.at) > until);
  if (out < 0) return points;
  const [before, after] = [points[out - 1], points[out]];
  if (!before || !after) return points.slice(0, out);
  const along = (until - ms(before.at)) / (ms(after.at) - ms(before.at));
  const celsius = before.celsius + along * (after.celsius - before.celsius);
  return [...points.slice(0, out), { at: new Date(until).toISOString(), celsius }];
}
