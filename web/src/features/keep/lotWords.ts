import type { LotView } from '../../api/client';
import { show, type Units } from '../../quantities';

const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;

/** What a tub is due for, shortest first: it stands in the pill. */
export function due(
  lot: LotView,
  now: number,
  zone: string,
): { text: string; tone: 'alarm' | 'wait' | 'good' | 'cold' } {
  if (lot.state === 'FROZEN') {
    if (lot.moveBy) {
      const at = new Date(lot.moveBy).getTime();
      return at < now
        ? { text: 'move now', tone: 'alarm' }
        : {
            text: at - now < DAY_MS ? `move ${show.hour(at, zone)}` : `move ${show.day(at, zone)}`,
            tone: 'cold',
          };
    }
    if (lot.daysLeft <= 0) return { text: 'no days left', tone: 'alarm' };
    const weeks = lot.bestUntil
      ? Math.round((new Date(lot.bestUntil).getTime() - now) / (7 * DAY_MS))
      : 0;
    return weeks < 0
      ? { text: 'past its best', tone: 'wait' }
      : { text: `${weeks} weeks`, tone: 'cold' };
  }
  if (lot.daysLeft <= 0) return { text: 'past its date', tone: 'alarm' };
  if (lot.daysLeft === 1) return { text: 'today', tone: 'alarm' };
  return { text: `${lot.daysLeft} days`, tone: lot.daysLeft <= 3 ? 'wait' : 'good' };
}

/** Tubs, how much, where. */
export function holding(lot: LotView, units: Units): string {
  const tubs = `${lot.tubs} ${lot.tubs === 1 ? 'tub' : 'tubs'}`;
  return `${tubs}, ${show.text(show.volume(lot.cubicMeters, units))}, ${lot.state === 'FROZEN' ? 'frozen' : 'chilled'} · ${lot.placeName}`;
}

/** A day as it stands on a label: dates have no hour, so the kitchen's zone must not move them. */
export const dayOf = (date: string): string => show.day(`${date}T12:00:00Z`, 'UTC');

/** Whole days and hours of a long time. */
export function longTime(seconds: number): string {
  const hours = Math.round(seconds / (HOUR_MS / 1000));
  if (hours < 24) return `${hours} h`;
  const days = Math.floor(hours / 24);
  return `${days} ${days === 1 ? 'day' : 'days'}${hours % 24 ? ` ${hours % 24} h` : ''}`;
}
