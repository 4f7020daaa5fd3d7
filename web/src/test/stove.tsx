import { heard } from '../api/clock';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { ThemeProvider } from '@mui/material';
import type { ReactNode } from 'react';
import { http, HttpResponse } from 'msw';
import { setupServer } from 'msw/node';
import { MemoryRouter } from 'react-router';
import type { BatchView, KitchenView } from '../api/client';
import { theme } from '../theme/theme';
import { Told } from '../ui/Told';

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
    heats: [],
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
  boilingPointCelsius: 92.1,
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

/** Stands in for the kitchen's server. */
export const server = setupServer();

const empty = () => HttpResponse.json([]);
const created = () => HttpResponse.json({}, { status: 201 });

/** What was asked of the server, answered in turn, then always with nothing or 201; an error is a network that is away. */
export function standIn(...answers: (Response | Error)[]) {
  const asked: { path: string; body: Record<string, unknown> }[] = [];
  const queue = [...answers];
  server.use(
    http.get('*/api/occupancy', () => HttpResponse.json(standing)),
    http.all('*', async ({ request }) => {
      const text = await request.text();
      const path = new URL(request.url).pathname;
      asked.push({ path, body: text ? (JSON.parse(text) as Record<string, unknown>) : {} });
      const answer = queue.shift() ?? (request.method === 'GET' ? empty() : created());
      return answer instanceof Error ? HttpResponse.error() : answer;
    }),
  );
  return asked;
}

/** The server's answers by path, for pages that ask for much at once; what is asked besides is empty. */
export function serve(answers: Record<string, unknown>) {
  const asked: string[] = [];
  server.use(
    http.get('*', ({ request }) => {
      const { pathname, search } = new URL(request.url);
      asked.push(pathname + search);
      const answer = answers[pathname];
      if (answer instanceof Error) return HttpResponse.error();
      return HttpResponse.json((answer ?? []) as never);
    }),
  );
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

export const show = (screen: ReactNode, at = '/') =>
  render(
    <ThemeProvider theme={theme}>
      <QueryClientProvider
        client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}
      >
        <MemoryRouter initialEntries={[at]}>
          <Told>{screen}</Told>
        </MemoryRouter>
      </QueryClientProvider>
    </ThemeProvider>,
  );

/** A file to take in; the tests' own DOM cannot read one. */
export const file = (text: string, name: string) =>
  Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
