import * as show from './format';

/** An hour as a cook types it. */
export type Hour =
  | { outcome: 'understood'; localTime: string; localDate?: string }
  | { outcome: 'refuse'; message: string };

const REFUSED: Hour = {
  outcome: 'refuse',
  message: 'Type an hour such as 18:30, 6:30pm or 2026-05-01 18:30.',
};

/** Understands 18:30, 18.30, 18h30, 1830, 6pm, 6:30 pm, and a date before it. */
export function parseHour(raw: string): Hour {
  const [, date, clock = ''] =
    /^(?:(\d{4}-\d\d-\d\d)[ t]+)?(.*)$/.exec(raw.trim().toLowerCase()) ?? [];
  const match = /^(\d{1,2})(?:\s*[:.h]\s*(\d\d)|(\d\d))?\s*(am|pm|h)?$/.exec(clock.trim());
  if (!match) return REFUSED;
  const half = match[4];
  let hour = Number(match[1]);
  const minute = Number(match[2] ?? match[3] ?? 0);
  if (!match[2] && !match[3] && !half) return REFUSED;
  if (half === 'am' || half === 'pm') {
    if (hour < 1 || hour > 12) return REFUSED;
    hour = (hour % 12) + (half === 'pm' ? 12 : 0);
  }
  if (hour > 23 || minute > 59) return REFUSED;
  const localTime = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
  return date
    ? { outcome: 'understood', localTime, localDate: date }
    : { outcome: 'understood', localTime };
}

/** The next such hour from now on, in words: 18:30 today. */
export function nextWords(localTime: string, zone: string, now: number): string {
  return `${show.clock(localTime)} ${localTime > show.localTime(now, zone) ? 'today' : 'tomorrow'}`;
}

/** The last such hour up to now, in words: 18:30 yesterday. */
export function lastWords(localTime: string, zone: string, now: number): string {
  return `${show.clock(localTime)} ${localTime <= show.localTime(now, zone) ? 'today' : 'yesterday'}`;
}
