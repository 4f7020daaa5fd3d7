import type { KitchenEdit, KitchenView } from '../../api/client';
import { typed, type Kind } from '../../quantities';

type Settings = KitchenView['settings'];

interface Fact {
  kind: Kind;
  /** The unit that a bare number takes, as it is read and as it is written. */
  own: string;
  written: string;
  /** How many of that unit one of SI is. */
  times: number;
  label: string;
  /** Where it stays as it was typed. */
  text?: 'altitudeText' | 'scaleErrorText' | 'dipErrorText';
}

const PERCENT = { kind: 'SHARE', own: '%', written: ' %', times: 100 } as const;
const MILLIMETERS = { kind: 'LENGTH', own: 'mm', written: ' mm', times: 1000 } as const;

/** What a kitchen has measured about itself. */
export const FACTS = {
  altitudeMeters: {
    kind: 'LENGTH',
    own: 'm',
    written: ' m',
    times: 1,
    label: 'Altitude',
    text: 'altitudeText',
  },
  roomCelsius: { kind: 'TEMPERATURE', own: 'c', written: ' °C', times: 1, label: 'Room' },
  relativeHumidity: { ...PERCENT, label: 'Humidity' },
  scaleErrorKilograms: {
    kind: 'MASS',
    own: 'g',
    written: ' g',
    times: 1000,
    label: 'Scale',
    text: 'scaleErrorText',
  },
  dipErrorMeters: { ...MILLIMETERS, label: 'Dip-stick', text: 'dipErrorText' },
  plateErrorMeters: { ...MILLIMETERS, label: 'Plate test' },
  probeErrorKelvins: { kind: 'COUNT', own: '', written: '', times: 1, label: 'Probe, K' },
  brixErrorFraction: { ...PERCENT, label: 'Refractometer' },
  brothyBelowFraction: { ...PERCENT, label: 'brothy' },
  looseBelowFraction: { ...PERCENT, label: 'loose' },
  coatingBelowFraction: { ...PERCENT, label: 'coating' },
  tightBelowFraction: { ...PERCENT, label: 'tight' },
  veryTightBelowFraction: { ...PERCENT, label: 'very tight' },
} as const satisfies Record<string, Fact>;
export type FactName = keyof typeof FACTS;
const fact = (name: FactName): Fact => FACTS[name];

/** As it was typed, else the number in the unit that cooks write. */
export function written(settings: Settings, name: FactName): string {
  const { text, times, written: unit } = fact(name);
  return (text && settings[text]) || `${Math.round(settings[name] * times * 1000) / 1000}${unit}`;
}

export const read = (name: FactName, text: string) => typed(text, fact(name).kind, fact(name).own);

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
    const { value } = read(name, text);
    if (value === undefined) return undefined;
    body[name] = value;
    const kept = fact(name).text;
    if (kept) body[kept] = text;
  }
  return body;
}
