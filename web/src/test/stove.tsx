import { heard } from '../api/clock';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type { BatchView, KitchenView } from '../api/client';

/** A made-up pot with one weighing and one dip, for tests of what the screens do with it. */
export const batch = {
  id: 'b1',
  name: 'Plain marinara',
  status: 'SIMMERING',
  startedAt: '2026-03-02T16:00:00Z',
  pot: {
    vessel: {
      id: 'v1',
      name: 'Rondeau',
      shape: 'ROUND',
      firstWidthMeters: 0.36,
      secondWidthMeters: 0.36,
      depthMeters: 0.2,
      emptyMassKilograms: 4.1,
    },
    heating: { way: 'LIVELY', fan: false },
    lid: 'OFF',
    heatSourceId: 'h1',
    heatSourceName: 'Gas',
  },
  simmerConfirmed: true,
  earlierEvents: false,
  pieces: [],
  tasks: [],
  forecast: {
    cautions: [],
    readings: 2,
    reads: [],
    lines: [],
    steps: [],
    band: 'coating',
    equivalentSolidsFraction: 0.105,
    portions: 34,
    endMassKilograms: 3.9,
    saltFraction: 0.004,
  },
  events: [
    {
      id: 'e1',
      kind: 'READING_TAKEN',
      happenedAt: '2026-03-02T16:40:00Z',
      read: { netKilograms: 5.78 },
      struckOut: false,
      odd: false,
    },
    {
      id: 'e2',
      kind: 'READING_TAKEN',
      happenedAt: '2026-03-02T16:50:00Z',
      read: { depthMeters: 0.052 },
      struckOut: true,
      odd: false,
    },
  ],
} as unknown as BatchView;

/** Sets the kitchen's clock, as an answer of the server does. */
export const itIs = (hour: string): void => heard(new Headers({ 'urnstew-now': hour }));

export const kitchen = {
  settings: { zone: 'Europe/Zurich', units: 'METRIC', altitudeMeters: 2350 },
  vessels: [],
  heatSources: [],
  ovens: [],
  measures: [],
  coldPlaces: [],
  workings: [],
} as unknown as KitchenView;

/** What stands in pots, for screens that ask by themselves; tests may put something there. */
export const standing: { vesselId: string; name: string; likelyFree?: string }[] = [];

/** Stands in for the network: what was asked, answered in turn, then always with 201. */
export function standIn(...answers: (Response | Error)[]) {
  const asked: { path: string; body: Record<string, unknown> }[] = [];
  const queue = [...answers];
  vi.stubGlobal('fetch', async (to: Request) => {
    if (to.url.endsWith('/api/occupancy'))
      return new Response(JSON.stringify(standing), {
        headers: { 'content-type': 'application/json' },
      });
    const text = await to.text();
    asked.push({ path: new URL(to.url).pathname, body: text ? JSON.parse(text) : {} });
    const answer =
      queue.shift() ??
      new Response('{}', { status: 201, headers: { 'content-type': 'application/json' } });
    if (answer instanceof Error) throw answer;
    return answer;
  });
  return asked;
}

export const problem = (
  status: number,
  pointer: string,
  message: string,
  remedy: string,
  code = 'c',
) =>
  new Response(
    JSON.stringify({
      title: 'x',
      status,
      detail: message,
      errors: [{ pointer, code, message, limit: '', remedy }],
    }),
    { status, headers: { 'content-type': 'application/problem+json' } },
  );

export const show = (screen: ReactNode) =>
  render(
    <QueryClientProvider
      client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}
    >
      <MemoryRouter>{screen}</MemoryRouter>
    </QueryClientProvider>,
  );

/** A file to take in; the tests' own DOM cannot read one. */
export const file = (text: string, name: string) =>
  Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
