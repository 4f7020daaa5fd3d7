import type { BenchView } from '../../../api/client';
import { show } from '../../../quantities';

/** 34 at 18:30, 12 at 02:00. */
export function platesOf(bench: BenchView, zone: string): string {
  const hours = new Map<string, number>();
  for (const h of bench.hours) hours.set(h.at, (hours.get(h.at) ?? 0) + h.covers);
  return [...hours]
    .toSorted(([a], [b]) => a.localeCompare(b))
    .map(([at, covers]) => `${covers} plates at ${show.hour(at, zone)}`)
    .join(', ');
}
