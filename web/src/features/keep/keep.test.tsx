import { ThemeProvider } from '@mui/material';
import { screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { KeepingView, KitchenView, LotView } from '../../api/client';
import { kitchen as bare, problem, show as shown, standIn } from '../../test/stove';
import { theme } from '../../theme/theme';
import { Kept } from './Kept';
import { UseSheet } from './LotSheets';
import { choiceOf, formOf } from './setup';

const show = (screenful: ReactNode) =>
  shown(<ThemeProvider theme={theme}>{screenful}</ThemeProvider>);
const NOW = Date.parse('2026-03-02T16:00:00Z');
const vessel = { id: 'tin', name: 'Gastro tin', capacityCubicMeters: 0.0158 };
const kitchen = {
  ...bare,
  vessels: [vessel],
  coldPlaces: [
    { id: 'walk-in', name: 'Walk-in', kind: 'FAN_REFRIGERATOR', celsius: 3 },
    { id: 'chest', name: 'Chest freezer', kind: 'FREEZER', celsius: -20 },
  ],
} as unknown as KitchenView;
const setup = {
  pan: 'Stockpot',
  count: 1,
  depthMeters: 0.19,
  place: 'FAN_REFRIGERATOR',
  aroundCelsius: 3,
  covered: false,
  iceKilograms: 0,
};
const cooling = (to: Partial<NonNullable<KeepingView['cooling']>>): KeepingView =>
  ({
    id: 'k1',
    name: 'Ridge ragù',
    massKilograms: 12,
    startedAt: '2026-03-02T15:00:00Z',
    formulaId: 'ridge-ragu',
    reason: '',
    ruleSetName: 'FDA Food Code 2022',
    entries: [
      {
        id: 'e1',
        at: '2026-03-02T15:40:00Z',
        what: 'Read',
        enteredText: '80',
        celsius: 80,
        reason: '',
        struckOut: false,
      },
    ],
    cooling: {
      verdict: 'WILL_MISS',
      action: 'COOL_FASTER_OR_REHEAT',
      fromCelsius: 57,
      clockRuns: false,
      marks: [
        {
          celsius: 21,
          section: '3-501.14',
          deadline: '2026-03-02T17:50:00Z',
          state: 'TOO_LATE',
          likely: '2026-03-03T01:00:00Z',
        },
      ],
      likely: [
        { at: '2026-03-02T15:00:00Z', celsius: 88 },
        { at: '2026-03-02T17:00:00Z', celsius: 70 },
      ],
      slow: [],
      speed: 1,
      setup,
      reheated: false,
      reheatCelsius: 74,
      workings: [],
      ...to,
    },
  }) as unknown as KeepingView;
const ways = (text: string) =>
  new Response(text, { status: 200, headers: { 'content-type': 'application/json' } });
const WAY = JSON.stringify([
  {
    placeName: '',
    thenName: 'Walk-in',
    choice: {
      vesselId: 'tin',
      count: 2,
      place: 'ICE_BATH',
      covered: false,
      thenPlaceId: 'walk-in',
      thenBelowCelsius: 18,
    },
    forecast: {
      verdict: 'MAKES_IT',
      clockSeconds: 900,
      setup: {
        ...setup,
        pan: 'Gastro tin',
        count: 2,
        depthMeters: 0.037,
        place: 'ICE_BATH',
        thenBelowCelsius: 18,
        iceKilograms: 11,
      },
      marks: [
        { celsius: 21, section: 's', withinSeconds: 7200, likelySeconds: 4200, slowSeconds: 5100 },
      ],
    },
  },
]);

describe('something that cools', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it('shows the way out, and takes it as it was offered', async () => {
    const asked = standIn(ways(WAY));
    show(<Kept keeping={cooling({})} kitchen={kitchen} now={NOW} inForce="FDA Food Code 2022" />);
    expect(
      await screen.findByText(
        /2 × Gastro tin, 37 mm deep, in ice, from 18 °C on, ice and all, in the Walk-in: 21 °C in about 1 h 10\./,
      ),
    ).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Cool it otherwise' }));
    expect(screen.getByLabelText('How many')).toHaveValue('2');
    await userEvent.click(screen.getByRole('button', { name: 'It stands like that now' }));
    await waitFor(() =>
      expect(asked.some((a) => a.path === '/api/keepings/k1/placings')).toBe(true),
    );
    expect(asked.find((a) => a.path.endsWith('/placings'))?.body.setup).toEqual({
      vesselId: 'tin',
      count: 2,
      place: 'ICE_BATH',
      covered: false,
      thenPlaceId: 'walk-in',
    });
  });

  it('takes a bare number as degrees, and keeps what was typed when it is refused', async () => {
    const asked = standIn(
      ways('[]'),
      problem(422, '/celsius', '200 °C is more than 120 °C.', 'Choose a value from -30 to 120 °C.'),
    );
    show(<Kept keeping={cooling({})} kitchen={kitchen} now={NOW} inForce="FDA Food Code 2022" />);
    await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
    await userEvent.type(screen.getByLabelText('The thermometer shows'), '66');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/200 °C is more than 120 °C/)).toBeVisible();
    expect(screen.getByLabelText('The thermometer shows')).toHaveValue('66');
    expect(asked.find((a) => a.path.endsWith('/readings'))?.body).toMatchObject({
      celsius: 66,
      enteredText: '66 °C',
    });
  });

  it('offers tubs only for what is cold in time, and nothing but the bin for what is lost', () => {
    standIn();
    const { unmount } = show(
      <Kept
        keeping={cooling({ verdict: 'PASSED', action: 'PUT_AWAY' })}
        kitchen={kitchen}
        now={NOW}
        inForce="x"
      />,
    );
    expect(screen.getByRole('link', { name: 'Into tubs' })).toHaveAttribute(
      'href',
      '/keep/put-away?cooling=k1',
    );
    expect(screen.getByText('by FDA Food Code 2022, which was in force then')).toBeVisible();
    unmount();
    show(
      <Kept
        keeping={cooling({ verdict: 'MISSED', action: 'DISCARD' })}
        kitchen={kitchen}
        now={NOW}
        inForce="x"
      />,
    );
    expect(screen.queryByRole('link', { name: 'Into tubs' })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Reheat and begin again' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Throw it away' })).toBeVisible();
  });

  it('wants a reason before it is thrown away', async () => {
    const asked = standIn();
    show(
      <Kept
        keeping={cooling({ verdict: 'MISSED', action: 'DISCARD' })}
        kitchen={kitchen}
        now={NOW}
        inForce="x"
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Why'), 'missed 21');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path.endsWith('/closings'))?.body).toMatchObject({
        as: 'DISCARDED',
        reason: 'missed 21',
      }),
    );
  });
});

describe('a tub', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());
  const lot = { id: 'l1', name: 'Larder base', massKilograms: 3.8, eachKilograms: 1.01 } as LotView;

  it('goes to a dish that is named, one tub unless another amount is said', async () => {
    const asked = standIn(ways('[]'));
    show(<UseSheet lot={lot} kitchen={kitchen} onClose={() => undefined} />);
    expect(screen.getByLabelText('How much')).toHaveValue('1.01 kg');
    expect(screen.getByRole('button', { name: 'It is used' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('For what dish'), 'baked pasta');
    await userEvent.click(screen.getByRole('button', { name: 'It is used' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
        massKilograms: 1.01,
        massText: '1.01 kg',
        dish: 'baked pasta',
      }),
    );
  });

  it('goes into a pot on the stove without a dish', async () => {
    const asked = standIn(ways(JSON.stringify([{ id: 'b1', name: 'Plain marinara' }])));
    show(<UseSheet lot={lot} kitchen={kitchen} onClose={() => undefined} />);
    await userEvent.selectOptions(
      await screen.findByLabelText('Into'),
      'the pot of Plain marinara',
    );
    expect(screen.queryByLabelText('For what dish')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'It is used' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
        batchId: 'b1',
        dish: '',
      }),
    );
  });
});

describe('a setup', () => {
  it('goes on from ice into the coldest air, never into a freezer', () => {
    const form = {
      vesselId: 'tin',
      count: '2',
      place: 'ICE_BATH',
      covered: 'no',
      stirred: '10',
    } as const;
    expect(choiceOf(form, kitchen)).toEqual({
      vesselId: 'tin',
      count: 2,
      covered: false,
      place: 'ICE_BATH',
      stirredEveryMinutes: 10,
      thenPlaceId: 'walk-in',
    });
    expect(choiceOf({ ...form, place: 'walk-in', stirred: 'never' }, kitchen)).toEqual({
      vesselId: 'tin',
      count: 2,
      covered: false,
      place: 'FAN_REFRIGERATOR',
      coldPlaceId: 'walk-in',
    });
    expect(choiceOf({ ...form, count: '1.5' }, kitchen)).toBeUndefined();
    expect(
      formOf({
        vesselId: 'tin',
        count: 3,
        place: 'FAN_REFRIGERATOR',
        coldPlaceId: 'walk-in',
        covered: true,
      }),
    ).toMatchObject({ count: '3', place: 'walk-in', covered: 'yes' });
  });
});
