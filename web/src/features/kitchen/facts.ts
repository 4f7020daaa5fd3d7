import type { KitchenEdit, KitchenView } from '../../api/client';
import { show, typed, withUnit, type Kind, type Units } from '../../quantities';

type Settings = KitchenView['settings'];

/** A unit in which a fact is written, and read where none is typed. */
interface Written {
  own: string;
  written: string;
  /** How many of it one of SI is, and where its scale begins. */
  times: number;
  plus?: number;
}
interface Fact extends Written {
  kind: Kind;
  label: string;
  /** In a kitchen that works in US units. */
  us?: Written;
  /** Where it stays as it was typed. */
  text?: 'altitudeText' | 'scaleErrorText' | 'dipErrorText';
}

const PERCENT = { kind: 'SHARE', own: '%', written: ' %', times: 100 } as const;
const MILLIMETERS = {
  kind: 'LENGTH',
  own: 'mm',
  written: ' mm',
  times: 1000,
  us: { own: 'in', written: ' in', times: 1 / 0.0254 },
} as const;

/** What a kitchen has measured about itself. */
export const FACTS = {
  altitudeMeters: {
    kind: 'LENGTH',
    own: 'm',
    written: ' m',
    times: 1,
    us: { own: 'ft', written: ' ft', times: 1 / 0.3048 },
    label: 'Altitude',
    text: 'altitudeText',
  },
  roomCelsius: {
    kind: 'TEMPERATURE',
    own: 'c',
    written: ' °C',
    times: 1,
    us: { own: 'f', written: ' °F', times: 1.8, plus: 32 },
    label: 'Room',
  },
  relativeHumidity: { ...PERCENT, label: 'Humidity' },
  scaleErrorKilograms: {
    kind: 'MASS',
    own: 'g',
    written: ' g',
    times: 1000,
    us: { own: 'oz', written: ' oz', times: 16 / 0.45359237 },
    label: 'Scale',
    text: 'scaleErrorText',
  },
  dipErrorMeters: { ...MILLIMETERS, label: 'Dip-stick', text: 'dipErrorText' },
  plateErrorMeters: { ...MILLIMETERS, label: 'Plate test' },
  probeErrorKelvins: {
    kind: 'COUNT',
    own: '',
    written: ' °C',
    times: 1,
    us: { own: '', written: ' °F', times: 1.8 },
    label: 'Probe',
  },
  brixErrorFraction: { ...PERCENT, label: 'Refractometer' },
  brothyBelowFraction: { ...PERCENT, label: 'brothy' },
  looseBelowFraction: { ...PERCENT, label: 'loose' },
  coatingBelowFraction: { ...PERCENT, label: 'coating' },
  tightBelowFraction: { ...PERCENT, label: 'tight' },
  veryTightBelowFraction: { ...PERCENT, label: 'very tight' },
} as const satisfies Record<string, Fact>;
export type FactName = keyof typeof FACTS;
const fact = (name: FactName): Fact => FACTS[name];
const unitOf = (name: FactName, units: Units): Written =>
  (units === 'US' && fact(name).us) || fact(name);

/** As it was typed, else the number in the unit that cooks there write. */
export function written(settings: Settings, name: FactName): string {
  const { text } = fact(name);
  const { times, plus = 0, written: unit } = unitOf(name, settings.units);
  const typedOnce = text && settings[text];
  if (typedOnce) return withUnit(typedOnce, fact(name).own);
  return `${show.plain(settings[name] * times + plus)}${unit}`;
}

/** A difference between temperatures: its scales differ in the step alone. */
const STEPS: Record<string, number> = { f: 1 / 1.8, c: 1, k: 1 };
function readDifference(text: string, units: Units) {
  const [, number = '', scale] = /^(.*?)\s*°?\s*([cfk])?$/i.exec(text.trim()) ?? [];
  const read = typed(number, 'COUNT', '');
  const step = STEPS[(scale ?? (units === 'US' ? 'f' : 'c')).toLowerCase()] ?? 1;
  return { ...read, value: read.value === undefined ? undefined : read.value * step };
}

/** What is typed for a fact; a bare number takes the unit of the kitchen as it is chosen here. */
export function read(name: FactName, text: string, units: Units) {
  if (name === 'probeErrorKelvins') return readDifference(text, units);
  const { own } = unitOf(name, units);
  return typed(withUnit(text, own), fact(name).kind, own);
}

/** Everything but what the kitchen itself keeps. */
function editable(settings: Settings): KitchenEdit {
  const kept: KitchenEdit & Partial<Settings> = { ...settings };
  delete kept.id;
  delete kept.demo;
  delete kept.version;
  return kept;
}

/** The kitchen with some of its facts as they are typed; nothing where one is not understood. */
export function edited(
  settings: Settings,
  texts: Partial<Record<FactName, string>>,
  words: Partial<KitchenEdit> = {},
): KitchenEdit | undefined {
  const body = { ...editable(settings), ...words };
  for (const [key, text] of Object.entries(texts)) {
    const name = key as FactName;
    const { value, entered } = read(name, text, settings.units);
    if (value === undefined) return undefined;
    body[name] = value;
    const kept = fact(name).text;
    if (kept) body[kept] = entered;
  }
  return body;
}
