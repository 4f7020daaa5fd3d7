import { ThemeProvider } from '@mui/material';
import type { ReactNode } from 'react';
import type { KeepingView, KitchenView } from '../../api/client';
import { kitchen as bare, show as shown } from '../../test/stove';
import { theme } from '../../theme/theme';

export const show = (screenful: ReactNode) =>
  shown(<ThemeProvider theme={theme}>{screenful}</ThemeProvider>);
export const NOW = Date.parse('2026-03-02T16:00:00Z');
export const vessel = { id: 'tin', name: 'Gastro tin', capacityCubicMeters: 0.0158 };
export const kitchen = {
  ...bare,
  vessels: [vessel],
  coldPlaces: [
    { id: 'walk-in', name: 'Walk-in', kind: 'FAN_REFRIGERATOR', celsius: 3 },
    { id: 'chest', name: 'Chest freezer', kind: 'FREEZER', celsius: -20 },
  ],
} as unknown as KitchenView;
export const setup = {
  pan: 'Stockpot',
  count: 1,
  depthMeters: 0.19,
  place: 'FAN_REFRIGERATOR',
  aroundCelsius: 3,
  covered: false,
  iceKilograms: 0,
};
export const cooling = (to: Partial<NonNullable<KeepingView['cooling']>>): KeepingView =>
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
export const ways = (text: string) =>
  new Response(text, { status: 200, headers: { 'content-type': 'application/json' } });
export const WAY = JSON.stringify([
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
