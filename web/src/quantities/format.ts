import { CUP, POUND } from './units';

/** A number with its unit apart, since the unit is set smaller. */
export interface Shown {
  value: string;
  unit: string;
}
export type Units = 'METRIC' | 'US';

/** How a kitchen writes its hours and its tenths. */
export interface Writing {
  hours: 'H24' | 'H12';
  decimalMark: 'POINT' | 'COMMA';
}
let writing: Writing = { hours: 'H24', decimalMark: 'POINT' };
export function writeAs(kitchen: Writing): void {
  writing = kitchen;
}

export const isCommaWritten = (): boolean => writing.decimalMark === 'COMMA';

/** A number with so many digits after the kitchen's decimal mark. */
export function fixed(value: number, digits: number): string {
  const written = value.toFixed(digits).replace('-', '−');
  return writing.decimalMark === 'COMMA' ? written.replace('.', ',') : written;
}

/** Money in the kitchen's currency. */
export const money = (amount: number, currency: string): Shown => ({
  value: fixed(amount, 2),
  unit: currency,
});

/** A number as it is, with the kitchen's decimal mark. */
export const plain = (value: number): string => fixed(value, tenthsOf(value));

/** As many digits after the mark as it has, three at most. */
function tenthsOf(value: number): number {
  const thousandths = Math.abs(Math.round(value * 1000)) % 1000;
  if (thousandths % 10) return 3;
  if (thousandths % 100) return 2;
  return thousandths ? 1 : 0;
}

/** Three figures, no more than the scale shows. */
export function significant(value: number, figures = 3): string {
  if (value === 0) return '0';
  const digits = Math.max(0, figures - 1 - Math.floor(Math.log10(Math.abs(value))));
  return fixed(value, Math.min(digits, 4));
}

export function mass(kilograms: number, units: Units): Shown {
  if (units === 'US') return usMass(kilograms);
  return kilograms < 1
    ? { value: gramText(kilograms * 1000), unit: 'g' }
    : { value: fixed(kilograms, 2), unit: 'kg' };
}

/** Cooks who weigh work in steps of a gram below 20 g, then 5 g. */
function gramText(grams: number): string {
  if (grams < 10) return fixed(grams, 1);
  return fixed(grams < 20 ? Math.round(grams) : Math.round(grams / 5) * 5, 0);
}

function usMass(kilograms: number): Shown {
  const ounces = (kilograms / POUND) * 16;
  // Below half an ounce a quarter is too coarse: a dose of soda or salt is told in grams.
  if (Math.abs(ounces) < 0.5) return { value: gramText(kilograms * 1000), unit: 'g' };
  if (ounces < 16) return { value: quarters(ounces), unit: 'oz' };
  const pounds = Math.floor(Math.round(ounces) / 16);
  const rest = Math.round(ounces) - pounds * 16;
  return { value: `${pounds} lb${rest ? ` ${rest}` : ''}`, unit: rest ? 'oz' : '' };
}

/** A mass as it would be typed: to the gram, or to the quarter of an ounce. */
export const typedMass = (kilograms: number, units: Units): string =>
  units === 'US' ? text(usMass(kilograms)) : `${Math.round(kilograms * 1000)} g`;

/** A mass beside an axis: short, in one unit. */
export const massMark = (kilograms: number, units: Units): string =>
  units === 'US' ? `${fixed(kilograms / POUND, 0)} lb` : `${fixed(kilograms, 1)} kg`;

/** To the quarter, as cooks who measure do. */
export function quarters(value: number): string {
  const q = Math.max(1, Math.round(value * 4));
  const whole = Math.floor(q / 4);
  return `${whole || ''}${['', '¼', '½', '¾'][q % 4] ?? ''}`;
}

/** To the sixteenth, as a ruler in inches is read. */
function sixteenths(value: number): string {
  const n = Math.round(Math.abs(value) * 16);
  const whole = Math.floor(n / 16);
  const parts = n % 16;
  if (parts === 0) return `${whole}`;
  const halved = parts & -parts;
  return `${whole ? `${whole} ` : ''}${parts / halved}/${16 / halved}`;
}

/** From so many cups on, quarts are read more easily. */
const MOST_CUPS = 8;

const cups = (count: number): Shown => ({
  value: quarters(count),
  unit: Math.round(count * 4) > 4 ? 'cups' : 'cup',
});

/** Spoons and cups of US customary size. */
export function spoons(cubicMeters: number): Shown {
  if (cubicMeters >= CUP * MOST_CUPS) return volume(cubicMeters, 'US');
  if (cubicMeters >= CUP / 4) return cups(cubicMeters / CUP);
  if (cubicMeters >= CUP / 16) return { value: quarters((cubicMeters / CUP) * 16), unit: 'tbsp' };
  return { value: quarters((cubicMeters / CUP) * 48), unit: 'tsp' };
}

/** Something poured: millilitres where litres would round it away. */
export function poured(cubicMeters: number, units: Units): Shown {
  if (units === 'US')
    return cubicMeters < CUP * MOST_CUPS ? cups(cubicMeters / CUP) : volume(cubicMeters, units);
  return cubicMeters < 1e-3
    ? { value: fixed(Math.round(cubicMeters * 1e5) * 10, 0), unit: 'ml' }
    : volume(cubicMeters, units);
}

export function volume(cubicMeters: number, units: Units): Shown {
  return units === 'US'
    ? { value: fixed(cubicMeters / (CUP * 4), 1), unit: 'qt' }
    : { value: fixed(cubicMeters * 1000, 1), unit: 'l' };
}

export function depth(meters: number, units: Units): Shown {
  return units === 'US'
    ? { value: sixteenths(meters / 0.0254), unit: 'in' }
    : { value: fixed(meters * 1000, 0), unit: 'mm' };
}

/** Height above the sea, in whole metres or tens of feet. */
export const altitude = (meters: number, units: Units): Shown =>
  units === 'US'
    ? { value: fixed(Math.round(meters / 0.3048 / 10) * 10, 0), unit: 'ft' }
    : { value: fixed(meters, 0), unit: 'm' };

export const percent = (share: number): Shown => ({ value: fixed(share * 100, 1), unit: '%' });

/** To the tenth of a degree Celsius, or as coarse as is asked. */
export function temperature(celsius: number, units: Units, digits = 1): Shown {
  return units === 'US'
    ? { value: fixed(celsius * 1.8 + 32, 0), unit: '°F' }
    : { value: fixed(celsius, digits), unit: '°C' };
}

/** Making a formatter takes a millisecond, using one a microsecond: one for each zone is kept. */
function kept(options: Intl.DateTimeFormatOptions) {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (instant: string | number, zone: string): string => {
    const format =
      made.get(zone) ?? new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone });
    made.set(zone, format);
    return format.format(new Date(instant));
  };
}

const ofTheDay = kept({ hour: '2-digit', minute: '2-digit' });
const ofTheHalfDay = kept({ hour: 'numeric', minute: '2-digit', hourCycle: 'h12' });

/** The hour there as it is sent and compared: 18:30. */
export const localTime = ofTheDay;

/** An hour that was typed, as the kitchen writes hours. */
export function clock(localTime: string): string {
  const [hours = 0, minutes = 0] = localTime.split(':').map(Number);
  return hour(Date.UTC(2026, 0, 1, hours, minutes), 'UTC');
}

/** Hour on the kitchen's clock: 18:30, or 6:30 pm. */
export const hour = (instant: string | number, zone: string): string =>
  writing.hours === 'H12' ? ofTheHalfDay(instant, zone) : ofTheDay(instant, zone);

/** Day on the kitchen's calendar, in words. */
export const day = kept({ weekday: 'short', day: 'numeric', month: 'short' });

/** A span of time in words: 45 min, 1 h 05. */
export function span(seconds: number): Shown {
  const minutes = Math.round(Math.abs(seconds) / 60);
  return minutes < 60
    ? { value: String(minutes), unit: 'min' }
    : { value: `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`, unit: '' };
}

export const text = (shown: Shown): string => `${shown.value} ${shown.unit}`.trim();
