import { describe, expect, it } from 'vitest';
import type { CoolingView, HoldView, KeepingView, LotView, MarkView } from '../../api/client';
import { due } from './lotWords';
import { pictureWords } from './pictureWords';
import { ofCooling, ofHold, topUp } from './words';

const NOW = Date.parse('2026-03-02T15:00:00Z');
const after = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString();
const mark = (
  celsius: number,
  state: MarkView['state'],
  deadline: number,
  likely?: number,
): MarkView => ({
  celsius,
  section: '3-501.14',
  state,
  deadline: after(deadline),
  ...(likely === undefined ? {} : { likely: after(likely) }),
});

const cooling = (
  verdict: CoolingView['verdict'],
  action: CoolingView['action'],
  marks: MarkView[],
): CoolingView =>
  ({
    verdict,
    action,
    marks,
    fromCelsius: 57,
    clockRuns: true,
    reheatCelsius: 74,
  }) as unknown as CoolingView;

describe('a cooling says', () => {
  it('how long is left, and when it is expected', () => {
    const says = ofCooling(
      cooling('MAKES_IT', 'GO_ON', [mark(21, 'SHOWN', -10), mark(5, 'IN_TIME', 52, 31)]),
      NOW,
      'METRIC',
    );
    expect(says).toEqual({
      figure: '52 min',
      tone: 'cold',
      words: 'left to reach 5 °C, expected in 31 min',
    });
  });

  it('that it will miss, and offers reheating only where it is allowed', () => {
    const marks = [mark(21, 'TOO_LATE', 60, 170), mark(5, 'TOO_LATE', 300)];
    expect(
      ofCooling(cooling('WILL_MISS', 'COOL_FASTER_OR_REHEAT', marks), NOW, 'METRIC').words,
    ).toContain('reheat it to 74 °C at once');
    expect(
      ofCooling(cooling('WILL_MISS', 'COOL_FASTER', marks), NOW, 'METRIC').words,
    ).not.toContain('reheat');
  });

  it('never that it is probably fine', () => {
    expect(
      ofCooling(cooling('MISSED', 'DISCARD', [mark(21, 'MISSED', -5)]), NOW, 'METRIC'),
    ).toMatchObject({ figure: 'throw away', tone: 'alarm' });
    expect(
      ofCooling(cooling('MAY_MISS', 'READ_NOW', [mark(21, 'TO_READ', -5)]), NOW, 'METRIC'),
    ).toMatchObject({ figure: 'read it', tone: 'wait' });
    expect(
      ofCooling(cooling('RECKONED', 'PUT_AWAY', [mark(21, 'RECKONED', -5)]), NOW, 'METRIC').words,
    ).toContain('whoever is in charge decides');
    expect(
      ofCooling(cooling('MAY_MISS', 'COOL_FASTER', [mark(21, 'IN_DOUBT', 20, 18)]), NOW, 'METRIC'),
    ).toMatchObject({ figure: 'may miss', tone: 'wait' });
  });

  it('degrees as the kitchen counts them', () => {
    expect(
      ofCooling(cooling('WILL_MISS', 'COOL_FASTER', [mark(21, 'TOO_LATE', 60)]), NOW, 'US').words,
    ).toContain('70 °F');
  });
});

describe('a hold says', () => {
  const hold = (state: HoldView['state']): HoldView =>
    ({
      state,
      act: after(45),
      discard: after(165),
      lastHot: after(-75),
      limitCelsius: 57,
      reheatCelsius: 74,
    }) as unknown as HoldView;

  it.each([
    ['HOT', 'good', '66 °C'],
    ['TO_READ', 'wait', 'read it'],
    ['REHEAT', 'alarm', '66 °C'],
    ['DISCARD', 'alarm', 'throw away'],
  ] as const)('%s', (state, tone, figure) => {
    expect(ofHold(hold(state), 66, 'UTC', 'METRIC')).toMatchObject({ tone, figure });
  });

  it('how much water, now or at an hour', () => {
    const dry = {
      topUpKilograms: 0.094,
      topUpAt: after(20),
      nowFraction: 0.12,
    } as unknown as HoldView;
    expect(topUp(dry, NOW, 'UTC', 'METRIC')).toBe('add 90 ml water at 15:20 to keep it as thick');
    expect(topUp({ ...dry, topUpAt: after(-5) }, NOW, 'UTC', 'METRIC')).toBe(
      'add 90 ml water now: it has thickened to 12.0 % solids',
    );
    expect(topUp({ ...dry, topUpKilograms: 0.001 }, NOW, 'UTC', 'METRIC')).toBe('');
  });
});

describe('a tub is due', () => {
  const lot = (to: Partial<LotView>): LotView =>
    ({ state: 'CHILLED', daysLeft: 4, ...to }) as LotView;

  it.each([
    [{ daysLeft: 0 }, 'past its date', 'alarm'],
    [{ daysLeft: 1 }, 'today', 'alarm'],
    [{ daysLeft: 3 }, '3 days', 'wait'],
    [{ daysLeft: 6 }, '6 days', 'good'],
    [{ state: 'FROZEN', bestUntil: '2026-05-18' }, '11 weeks', 'cold'],
    [{ state: 'FROZEN', daysLeft: 0 }, 'no days left', 'alarm'],
    [{ state: 'FROZEN', moveBy: after(300) }, 'move 20:00', 'cold'],
    [{ state: 'FROZEN', moveBy: after(-1) }, 'move now', 'alarm'],
  ] as [Partial<LotView>, string, string][])('%j: %s', (to, text, tone) => {
    expect(due(lot(to), NOW, 'UTC')).toEqual({ text, tone });
  });
});

it('says of a rail what the picture says', () => {
  const read = (celsius: number, minutes: number) => ({
    celsius,
    at: after(minutes),
    struckOut: false,
  });
  const held = {
    name: 'Ridge ragù',
    entries: [read(70, -60), { ...read(20, -10), struckOut: true }, read(68, 0)],
    hold: { state: 'HOT', limitCelsius: 57, act: after(151), lastHot: after(0) },
  } as unknown as KeepingView;
  expect(pictureWords(held, NOW, 'UTC', 'METRIC')).toBe(
    'Ridge ragù: 68 °C, 11 above 57 °C, falling 2 an hour; 68 °C, read it again by 17:31',
  );
  const cooled = {
    name: 'Larder base',
    entries: [],
    cooling: {
      ...cooling('MAKES_IT', 'GO_ON', [mark(21, 'IN_TIME', 30, 20)]),
      likely: [
        { at: after(-30), celsius: 60 },
        { at: after(30), celsius: 20 },
        { at: after(90), celsius: 10 },
      ],
    },
  } as unknown as KeepingView;
  expect(pictureWords(cooled, NOW, 'UTC', 'US')).toMatch(
    /^Larder base: likely 104 °F, 34 above 70 °F, falling 45 an hour; 30 min, left to reach 70 °F/,
  );
});
