import { plain } from './format';
import { FACTORS, offset, type Kind } from './units';

/** What a number may be, in SI; no unit for a share of one. */
export interface Bounds {
  least: number;
  most: number;
  unit: string;
}

const KINDS: Record<string, Kind> = {
  kg: 'MASS',
  m: 'LENGTH',
  W: 'POWER',
  '°C': 'TEMPERATURE',
  s: 'DURATION',
  '': 'SHARE',
};
const SIGNS: Record<string, string> = { c: '°C', f: '°F', w: 'W', kw: 'kW', brix: '°Brix' };
const LAST_UNIT = /(fl\s?oz|[a-z]+|%|")\.?$/;

/** The unit that a text ends with, if it is one of this kind. */
function unitIn(text: string, kind: Kind): string | undefined {
  const [, unit] = LAST_UNIT.exec(text.trim().toLowerCase().replace('°', '')) ?? [];
  return unit !== undefined && FACTORS[kind].has(unit) ? unit : undefined;
}

/** To three figures, towards the inside of the range. */
function inside(value: number, up: boolean): string {
  if (value === 0) return '0';
  const digits = Math.max(0, 2 - Math.floor(Math.log10(Math.abs(value))));
  const scale = 10 ** Math.min(digits, 3);
  const near = Math.round(value * scale * 1e6) / 1e6;
  return plain((up ? Math.ceil(near) : Math.floor(near)) / scale);
}

/** What may be typed, in the unit that was; nothing where the text has none of the kind. */
export function choiceOf(text: string, bounds: Bounds): string | undefined {
  const kind = KINDS[bounds.unit];
  const unit = kind && (unitIn(text, kind) ?? (kind === 'SHARE' ? '%' : undefined));
  if (!kind || !unit) return undefined;
  const factor = FACTORS[kind].get(unit) ?? 1;
  const [least, most] = [bounds.least, bounds.most].map((si, end) =>
    inside((si - offset(kind, unit)) / factor, end === 0),
  );
  return `Choose ${least} to ${most} ${SIGNS[unit] ?? unit}.`;
}
