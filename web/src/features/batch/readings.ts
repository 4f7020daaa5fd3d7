import type { EventView, Writes } from '../../api/client';
import { said, show, type Kind, type Units } from '../../quantities';

/** Ways to read a pot: how each is asked for, understood and sent. */
export const READINGS = {
  DIP: {
    word: 'dip',
    label: 'Wet length of the stick',
    kind: 'LENGTH',
    own: 'mm',
    field: 'depthMeters',
  },
  WEIGHING: {
    word: 'weigh',
    label: 'The scale shows',
    kind: 'MASS',
    own: 'kg',
    field: 'grossKilograms',
  },
  PLATE: {
    word: 'plate',
    label: 'A level tablespoon on a cold plate spreads to',
    kind: 'LENGTH',
    own: 'mm',
    field: 'spreadMeters',
  },
  PROBE: {
    word: 'probe',
    label: 'Stirred, the probe shows',
    kind: 'TEMPERATURE',
    own: 'c',
    field: 'temperatureCelsius',
  },
  BRIX: {
    word: '°Brix',
    label: 'The refractometer shows, °Brix',
    kind: 'SHARE',
    own: '%',
    field: 'solubleFraction',
  },
} as const satisfies Record<
  string,
  { word: string; label: string; kind: Kind; own: string; field: keyof Writes['TakeReading'] }
>;
export type ReadingKind = keyof typeof READINGS;

/** What was read or done, in words. */
export function eventWords(e: EventView, units: Units): string {
  const mass = e.massKilograms === undefined ? '' : show.text(show.mass(e.massKilograms, units));
  switch (e.kind) {
    case 'READING_TAKEN':
      return readWords(e, units);
    case 'POURED':
      return `${mass} ${e.what} went in, as poured`;
    case 'ADDED':
      return `${mass} ${e.what} added`;
    case 'LADLED_OUT':
      return `${mass} ladled out`;
    case 'PIECES_TAKEN_OUT':
      return `${e.what || 'pieces'} taken out`;
    case 'CAME_OVER':
      return `${mass} came over: ${e.what.toLowerCase()}`;
    case 'SET_OTHERWISE':
      return said(e.what);
    case 'TARGET_SET':
      return 'another thickness wanted';
    case 'TASTED':
      return `found: ${e.what || 'as usual'}`;
    case 'CUPS_TRIED':
      return `${mass} tried in cups: ${said(e.what)}`;
    default:
      return '';
  }
}

function readWords({ read }: EventView, units: Units): string {
  if (read.netKilograms !== undefined)
    return `${show.text(show.mass(read.netKilograms, units))} in the pot`;
  if (read.depthMeters !== undefined)
    return `${show.text(show.depth(read.depthMeters, units))} deep`;
  if (read.spreadMeters !== undefined)
    return `${show.text(show.depth(read.spreadMeters, units))} wide on the plate`;
  if (read.temperatureCelsius !== undefined)
    return `${show.text(show.temperature(read.temperatureCelsius, units))}, stirred`;
  return `${show.fixed((read.solubleFraction ?? 0) * 100, 1)} °Brix`;
}
