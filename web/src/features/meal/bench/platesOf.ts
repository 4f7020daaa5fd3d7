import type { BenchView } from '../../../api/client';
import { show } from '../../../quantities';

/** 34 plates at 18:30, 40 plates from 19:00 to 20:30. */
export function platesOf(bench: BenchView, zone: string): string {
  const hours = new Map<string, number>();
  for (const h of bench.hours.toSorted((a, b) => a.at.localeCompare(b.at))) {
    const out = outWords(h, zone);
    hours.set(out, (hours.get(out) ?? 0) + h.covers);
  }
  return [...hours].map(([out, covers]) => `${covers} plates ${out}`).join(', ');
}

type Hour = BenchView['hours'][number];

const outWords = (h: Hour, zone: string): string =>
  h.until
    ? `from ${show.hour(h.at, zone)} to ${show.hour(h.until, zone)}`
    : `at ${show.hour(h.at, zone)}`;

/** 18:30, or 19:00 to 20:30. */
export const hoursOf = (h: Hour, zone: string): string =>
  h.until ? `${show.hour(h.at, zone)} to ${show.hour(h.until, zone)}` : show.hour(h.at, zone);
