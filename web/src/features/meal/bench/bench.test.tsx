import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import { kitchen, serve, server, show } from '../../../test/stove';
import { meantCooks, textOfCooks } from '../cooks';
import { bench } from './bench.fixtures';
import { BenchPage } from './BenchPage';
import { drawn, windowOf } from './lanes';

const open = async () => {
  show(
    <Routes>
      <Route path="/meals/:id/bench" element={<BenchPage />} />
    </Routes>,
    '/meals/m1/bench',
  );
  return screen.findByRole('heading', { level: 1 });
};
const late = (over: object) => ({
  what: 'Ridge ragù: simmer',
  minutes: 10,
  bench,
  holdsSeconds: 900,
  moved: [],
  ...over,
});

it('draws hands solid, what goes on by itself hatched, and leaves unused burners out', () => {
  const lanes = drawn(bench);
  expect(lanes.map((l) => l.lane.name)).toEqual(['Ada', 'Bo', 'Gas ring']);
  const [ada, , ring] = lanes;
  expect(ada?.bars.every((b) => b.to === b.solidTo)).toBe(true);
  expect(ring?.bars[0]?.to).toBeGreaterThan(ring?.bars[0]?.solidTo ?? 0);
  expect(ring?.note).toBe('Rondeau');
});

it('puts works that overlap in an oven below each other', () => {
  const [first] = bench.work;
  if (!first) throw new Error('the fixture has work');
  const other = { ...first, task: { ...first.task, key: 'other' } };
  const [, , ring] = drawn({ ...bench, work: [first, other] });
  expect(ring?.rows).toBe(2);
});

it('shows the last hours, and no more than there is', () => {
  const [from, to] = windowOf(bench, 2, 0);
  expect(to - from).toBe(2 * 3_600_000);
  const late = { dish: 'Night', covers: 6, at: '2026-03-03T01:00:00Z' };
  const two = { ...bench, hours: [...bench.hours, late] };
  expect(windowOf(two, 2, 0)).toEqual([from, to]);
  expect(windowOf(two, undefined, 0)[1]).toBe(Date.parse(late.at));
  const [all] = windowOf(bench, 24, 0);
  expect(all).toBe(Date.parse('2026-03-02T15:30:00Z'));
});

it('says whether it fits, where it is tight, and what becomes of it when something is late', async () => {
  serve({ '/api/kitchen': kitchen, '/api/meals/m1/bench': bench });
  server.use(
    http.get('*/api/meals/m1/bench/late', ({ request }) =>
      HttpResponse.json(
        late(
          new URL(request.url).searchParams.get('minutes') === '40'
            ? { bench: { ...bench, verdict: 'LATE', lateMinutes: 12 } }
            : {},
        ),
      ),
    ),
  );
  await open();
  expect(await screen.findByText(/^Fits, 7 min to spare/)).toBeInTheDocument();
  expect(screen.getByText(/Ridge ragù, put up the plates at .*, Ada/)).toBeInTheDocument();
  expect(screen.getByText('3 bay leaves (Ridge ragù)')).toBeInTheDocument();
  expect(screen.getByText(/plates × 1.19 \(of 3\)/)).toBeInTheDocument();
  expect(await screen.findByText('Every hour holds.')).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('Longer by'), '40');
  expect(await screen.findByText('Plates are 12 min late.')).toBeInTheDocument();
});

it('gives each cook a run sheet: what, when, how much, on what', async () => {
  serve({ '/api/kitchen': kitchen, '/api/meals/m1/bench': bench });
  server.use(http.get('*/api/meals/m1/bench/late', () => HttpResponse.json(late({}))));
  await open();
  await userEvent.click(await screen.findByLabelText('Bo’s run sheet'));
  const rows = within(screen.getByRole('list', { name: 'Run sheet of Bo' })).getAllByRole(
    'listitem',
  );
  expect(rows).toHaveLength(1);
  expect(rows[0]).toHaveTextContent('pasta in, 800 g');
  expect(rows[0]).toHaveTextContent('Gas ring');
  expect(rows[0]).toHaveTextContent('by itself until');
});

it('says what cannot be had together, and what each way out costs', async () => {
  serve({
    '/api/kitchen': kitchen,
    '/api/meals/m1/bench': { ...bench, verdict: 'IMPOSSIBLE', work: [], by: '' },
    '/api/meals/m1/bench/conflict': {
      proven: true,
      wishes: [
        { kind: 'ON_TIME', key: 'out', what: 'Ridge ragù is out', missedSeconds: 720, helps: true },
        { kind: 'HELD', key: 'v1', what: 'Tall pot is left to what stands there', helps: false },
      ],
    },
  });
  await open();
  expect(await screen.findByText(/missed by 12 min/)).toBeInTheDocument();
  expect(screen.getByText(/Tall pot .* not enough alone/)).toBeInTheDocument();
});

it('asks for the hour where nobody has said one, with the way there', async () => {
  serve({ '/api/kitchen': kitchen });
  server.use(
    http.get('*/api/meals/m1/bench', () =>
      HttpResponse.json(
        {
          status: 422,
          detail: 'Nobody has said when the plates go out.',
          errors: [
            {
              pointer: '/servedLocalTime',
              code: 'missing',
              message: 'Nobody has said when the plates go out.',
              remedy: 'Type the hour of the service.',
            },
          ],
        },
        { status: 422, headers: { 'content-type': 'application/problem+json' } },
      ),
    ),
  );
  await open();
  expect(await screen.findByRole('alert')).toHaveTextContent('when the plates go out');
  expect(screen.getByRole('link', { name: 'To the meal' })).toHaveAttribute('href', '/meals/m1');
});

it('reads cooks with their hours, and writes them as they were', () => {
  const faults = new Map<string, string>();
  const cooks = meantCooks('Ada, Bo 16:00-19:00, Cy -20:30', faults);
  expect(cooks).toEqual([
    { name: 'Ada' },
    { name: 'Bo', comesLocalTime: '16:00', leavesLocalTime: '19:00' },
    { name: 'Cy', leavesLocalTime: '20:30' },
  ]);
  expect(textOfCooks(cooks)).toBe('Ada, Bo 16:00-19:00, Cy -20:30');
  meantCooks('Ada, Bo 26:00-19:00', faults);
  expect(faults.get('/cooks')).toContain('Bo');
  const twice = new Map<string, string>();
  meantCooks('Ada, Ada', twice);
  expect(twice.get('/cooks')).toContain('one name');
});
