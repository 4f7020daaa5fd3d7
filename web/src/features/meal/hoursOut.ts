import type { MealSheet } from '../../api/client';
import { parseHour, show } from '../../quantities';

export type Out = Pick<MealSheet, 'servedLocalTime' | 'servedUntilLocalTime'>;

/** 18:30, or 19:00-20:30 where plates go out one after the other; empty where nobody said so. */
export const textOfOut = (sheet: Out): string =>
  [sheet.servedLocalTime, sheet.servedUntilLocalTime]
    .flatMap((hour) => (hour ? [show.clock(hour)] : []))
    .join('-');

/** The hour, or both, that are meant; what is wrong with them is put where they are typed. */
export function meantOut(text: string, of: string, faults: Map<string, string>): Out {
  const [from = '', until, more] = text.split(/[-–]|\bto\b/).map((one) => one.trim());
  if (!text.trim()) return {};
  const first = parseHour(from);
  const last = until === undefined ? undefined : parseHour(until);
  if (more !== undefined || first.outcome === 'refuse' || last?.outcome === 'refuse') {
    const why = first.outcome === 'refuse' ? first.message : 'Type one hour, or two: 19:00-20:30.';
    faults.set(`${of}/servedLocalTime`, why);
    return {};
  }
  return {
    servedLocalTime: first.localTime,
    ...(last && { servedUntilLocalTime: last.localTime }),
  };
}

/** At 18:30, or from 19:00 to 20:30. */
export const outInWords = (out: Out): string => {
  if (!out.servedLocalTime) return '';
  const from = show.clock(out.servedLocalTime);
  return out.servedUntilLocalTime
    ? `from ${from} to ${show.clock(out.servedUntilLocalTime)}`
    : `at ${from}`;
};
