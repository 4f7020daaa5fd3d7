import type { LimitView } from '../../api/client';
import { show, type Units } from '../../quantities';

const DAY = 86_400;

/** A limit's value as a cook reads it. */
export function limitText(unit: LimitView['unit'], value: number, units: Units): string {
  switch (unit) {
    case 'CELSIUS':
      return show.text(show.temperature(value, units, Number.isInteger(value) ? 0 : 1));
    case 'SECONDS':
      return value < 120
        ? `${value} s`
        : value >= 2 * DAY && value % DAY === 0
          ? `${value / DAY} days`
          : show.text(show.span(value));
    case 'DAYS':
      return `${value} days`;
    case 'TIMES':
      return value === 1 ? 'once' : `${value} times`;
    case 'YES_NO':
      return value > 0 ? 'yes, once' : 'no';
  }
}
