import type {
  CoolingForecastView,
  CoolingView,
  HoldView,
  MarkView,
  SetOutView,
  SetupView,
  WayView,
} from '../../api/client';
import { show, type Units } from '../../quantities';

/** What the figure at the end of a rail says, with the colour that it has. */
export interface Says {
  figure: string;
  tone: 'good' | 'wait' | 'alarm' | 'cold';
  words: string;
}

export const PLACES: Record<SetupView['place'], string> = {
  BENCH: 'on the bench',
  STILL_REFRIGERATOR: 'in the refrigerator',
  FAN_REFRIGERATOR: 'in moved cold air',
  BLAST_CHILLER: 'in the blast chiller',
  COLD_WATER: 'in cold water',
  ICE_BATH: 'in ice',
};

export const degrees = (celsius: number, units: Units) =>
  show.text(show.temperature(celsius, units, Number.isInteger(celsius) ? 0 : 1));
export const span = (seconds: number) => show.text(show.span(seconds));
/** From here on whoever serves should be told. */
const LAST_CALL_SECONDS = 1800;
const until = (at: string, now: number) => (new Date(at).getTime() - now) / 1000;

/** Where something stands: two tins, 29 mm deep, in ice. */
export function standing(s: SetupView, units: Units): string {
  const pans = s.count === 1 ? s.pan : `${s.count} × ${s.pan}`;
  const cover = s.covered ? ', covered' : '';
  const stirred = s.stirredEveryMinutes ? `, stirred every ${s.stirredEveryMinutes} min` : '';
  return `${pans}, ${show.text(show.depth(s.depthMeters, units))} deep, ${PLACES[s.place]}${cover}${stirred}`;
}

/** A way out, as one sentence. */
export function wayOut({ forecast, placeName, thenName }: WayView, units: Units): string {
  const first = forecast.marks[0];
  const { setup } = forecast;
  const pans = setup.count === 1 ? setup.pan : `${setup.count} × ${setup.pan}`;
  const where = placeName ? `in the ${placeName}` : PLACES[setup.place];
  const then =
    thenName && setup.thenBelowCelsius !== undefined
      ? `, from ${degrees(setup.thenBelowCelsius, units)} on, ice and all, in the ${thenName}`
      : '';
  const time =
    first?.likelySeconds === undefined
      ? ''
      : `: ${degrees(first.celsius, units)} in about ${span(first.likelySeconds)}`;
  return `${pans}, ${show.text(show.depth(setup.depthMeters, units))} deep, ${where}${then}${time}`;
}

const VERDICTS: Record<CoolingForecastView['verdict'], string> = {
  MAKES_IT: 'makes it',
  MAY_MISS: 'may miss',
  WILL_MISS: 'will miss',
  NEVER: 'never gets there',
  PASSED: 'in time',
  RECKONED: 'in time, as reckoned',
  MISSED: 'missed',
};
export const verdict = (v: CoolingForecastView['verdict']): string => VERDICTS[v];

const open = (m: MarkView) =>
  m.state === 'IN_TIME' ||
  m.state === 'IN_DOUBT' ||
  m.state === 'TOO_LATE' ||
  m.state === 'TO_READ';

/** What a cooling says, and asks for. */
export function ofCooling(c: CoolingView, now: number, units: Units): Says {
  const next = c.marks.find(open);
  const mark = next && degrees(next.celsius, units);
  const again =
    c.action === 'COOL_FASTER_OR_REHEAT'
      ? ` Or reheat it to ${degrees(c.reheatCelsius, units)} at once and cool it again: that is allowed once, now.`
      : '';
  if (c.verdict === 'MISSED')
    return {
      figure: 'throw away',
      tone: 'alarm',
      words: `${degrees(c.marks.find((m) => m.state === 'MISSED')?.celsius ?? 0, units)} was not reached in time, or nothing shows that it was.`,
    };
  if (c.verdict === 'PASSED')
    return {
      figure: 'cold in time',
      tone: 'good',
      words: 'Every mark was read in time. Lid on, date it, put it away.',
    };
  if (c.verdict === 'RECKONED')
    return {
      figure: 'in time',
      tone: 'wait',
      words:
        'As reckoned on the slow side, and cold since. Nobody read it in time: whoever is in charge decides.',
    };
  if (c.action === 'READ_NOW')
    return {
      figure: 'read it',
      tone: 'wait',
      words: `The time for ${degrees(c.marks.find((m) => m.state === 'TO_READ')?.celsius ?? 0, units)} is over and nobody has read it.`,
    };
  if (c.verdict === 'NEVER')
    return {
      figure: 'never',
      tone: 'alarm',
      words: `It is too warm around it: it never gets to ${degrees(c.marks.at(-1)?.celsius ?? 5, units)} there.${again}`,
    };
  if (!next || !mark) return { figure: verdict(c.verdict), tone: 'cold', words: '' };
  const left = until(next.deadline, now);
  const expected = next.likely
    ? `expected in ${span(Math.max(0, until(next.likely, now)))}`
    : 'not within two days';
  if (c.verdict === 'WILL_MISS')
    return {
      figure: 'will miss',
      tone: 'alarm',
      words: `${mark} in ${span(left)}, ${expected}.${again}`,
    };
  const words = c.clockRuns
    ? `left to reach ${mark}, ${expected}`
    : `until ${mark} must be reached, ${expected}; the clock starts at ${degrees(c.fromCelsius, units)}`;
  return c.verdict === 'MAY_MISS'
    ? {
        figure: 'may miss',
        tone: 'wait',
        words: `${mark} in ${span(left)}, ${expected}, but not on the slow side of what is known.${again}`,
      }
    : { figure: span(left), tone: 'cold', words };
}

/** What a hold says, and asks for. */
export function ofHold(
  h: HoldView,
  lastRead: number | undefined,
  zone: string,
  units: Units,
): Says {
  const by = h.act ? show.hour(h.act, zone) : '';
  const limit = degrees(h.limitCelsius, units);
  switch (h.state) {
    case 'HOT':
      return {
        figure: lastRead === undefined ? 'hot' : degrees(lastRead, units),
        tone: 'good',
        words: `read it again by ${by}`,
      };
    case 'TO_READ':
      return {
        figure: 'read it',
        tone: 'wait',
        words: `last shown hot at ${show.hour(h.lastHot, zone)}`,
      };
    case 'REHEAT':
      return {
        figure: lastRead === undefined ? 'too cool' : degrees(lastRead, units),
        tone: 'alarm',
        words: `it fell below ${limit}: up to ${degrees(h.reheatCelsius, units)} all through by ${by}, or thrown away`,
      };
    case 'DISCARD':
      return {
        figure: 'throw away',
        tone: 'alarm',
        words: `not shown hot since ${show.hour(h.lastHot, zone)}, and not reheated in time`,
      };
  }
}

/** What stands out says: how long it may still be served. */
export function ofSetOut(s: SetOutView, now: number, zone: string, units: Units): Says {
  const by = show.hour(s.discard, zone);
  if (s.state === 'DISCARD')
    return {
      figure: 'throw away',
      tone: 'alarm',
      words:
        s.tooWarmCelsius === undefined
          ? `its time was over at ${by}`
          : `${degrees(s.tooWarmCelsius, units)} is warmer than ${degrees(s.topCelsius ?? 0, units)}`,
    };
  const left = until(s.discard, now);
  const cold =
    s.topCelsius === undefined ? '' : `, and never warmer than ${degrees(s.topCelsius, units)}`;
  return {
    figure: span(left),
    tone: left < LAST_CALL_SECONDS ? 'wait' : 'good',
    words: `left to serve it, until ${by}${cold}; then it is thrown away`,
  };
}

/** The top-up that keeps it as thick as it was. */
export function topUp(h: HoldView, now: number, zone: string, units: Units): string {
  if (h.topUpKilograms < 0.005 || !h.topUpAt) return '';
  const water = show.text(show.poured(h.topUpKilograms / 1000, units));
  return until(h.topUpAt, now) > 0
    ? `add ${water} water at ${show.hour(h.topUpAt, zone)} to keep it as thick`
    : `add ${water} water now: it has thickened to ${show.fixed(h.nowFraction * 100, 1)} % solids`;
}
