import { screen } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, expect, it } from 'vitest';
import type { BatchView } from '../../api/client';
import { readAs } from '../../quantities';
import { batch as pot, itIs, kitchen, serve, show } from '../../test/stove';
import { HandOverPage } from './HandOverPage';

beforeEach(() => itIs('2026-03-02T17:00:00Z'));

const toDo = (what: string, at: string, over: object) => ({
  key: what,
  what,
  at,
  detail: '',
  lines: [],
  ready: '',
  caution: '',
  takeOuts: [],
  ...over,
});
const batch = (over: object = {}): BatchView =>
  ({
    ...pot,
    schools: [],
    asPlanned: { likely: [], early: [], late: [] },
    declaration: { allergens: [], asked: [], diets: [], unknown: [], inWords: '' },
    planned: { stages: [], fit: { headroomDepthMeters: 0.15, startDepthMeters: 0.07 } },
    forecast: {
      ...pot.forecast,
      thickAt: '2026-03-02T17:30:00Z',
      earliest: '2026-03-02T17:10:00Z',
      latest: '2026-03-02T17:50:00Z',
      stirEverySeconds: 290,
      likely: [],
      early: [],
      late: [],
      cautions: [{ code: 'c', text: '0.5 kg of water is still to leave' }],
      steps: [],
      lines: [
        { name: 'Canned tomatoes', dueKilograms: 6.3, poured: true },
        { name: 'Basil', dueKilograms: 0.04, later: true },
        { name: 'Table salt', dueKilograms: 0.01 },
      ],
    },
    toDo: [
      toDo('Taste for salt', '2026-03-02T17:15:00Z', { detail: '0.5 kg still to go' }),
      toDo('Basil', '2026-03-02T17:28:00Z', { detail: 'torn', massKilograms: 0.04 }),
      toDo('Liaison', '2026-03-02T17:30:00Z', {
        lines: [{ name: 'Butter', massKilograms: 0.02, note: '' }],
        caution: 'never boiling',
        takeOuts: ['bay leaf'],
        ready: 'coats',
      }),
    ],
    ...over,
  }) as unknown as BatchView;

const page = async (over: object = {}, of: object = kitchen) => {
  serve({ '/api/kitchen': of, '/api/batches/b1': batch(over) });
  show(
    <Routes>
      <Route path="/pots/:id/hand-over" element={<HandOverPage />} />
    </Routes>,
    '/pots/b1/hand-over',
  );
  await screen.findByRole('heading', { name: /handed over at/ });
};

it('tells whoever takes the pot over all that counts: the hour, what is to do, what is in it', async () => {
  await page();
  expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
    'Plain marinara, handed over at 18:00',
  );
  expect(screen.getByText('thick enough at 18:30')).toBeInTheDocument();
  expect(
    screen.getByText(/between 18:10 and 18:50, from 2 readings · stir every 5 min/),
  ).toBeVisible();
  const todo = screen.getByRole('region', { name: 'Still to do' });
  expect(todo).toHaveTextContent('18:28 add 40 g basil · torn');
  expect(todo).toHaveTextContent('18:15 Taste for salt · 0.5 kg still to go');
  expect(todo).toHaveTextContent(
    '18:30 Liaison · 20 g butter · mind: never boiling · take out: bay leaf · ready: coats',
  );
  const done = screen.getByRole('region', { name: 'What was read and done' });
  expect(done).toHaveTextContent('17:40 5.78 kg in the pot');
  expect(done).not.toHaveTextContent('deep');
  const inIt = screen.getByRole('region', { name: 'In the pot and to come' });
  expect(inIt).toHaveTextContent('6.30 kg Canned tomatoes, as poured');
  expect(inIt).toHaveTextContent('40 g Basil, to come');
  expect(screen.getByRole('link', { name: 'One page to print' })).toHaveAttribute(
    'href',
    '/api/batches/b1/hand-over.pdf',
  );
});

it('says it all in the units of the kitchen, also what the server says', async () => {
  readAs({ pint: 'US', units: 'US' });
  await page({}, { ...kitchen, settings: { ...kitchen.settings, units: 'US' } });
  expect(screen.getByText('1.1 lb of water is still to leave')).toBeInTheDocument();
  expect(screen.getByRole('region', { name: 'Still to do' })).toHaveTextContent(
    'Taste for salt · 1.1 lb still to go',
  );
});

it('leaves out what there is not, and asks nothing of a pot that is off the heat', async () => {
  const never = { ...batch().forecast, thickAt: undefined, neverReason: 'It gets no thicker.' };
  await page({ status: 'FINISHED', events: [], toDo: [], forecast: never });
  expect(screen.getByText('It gets no thicker.')).toBeInTheDocument();
  expect(screen.queryByRole('region', { name: 'Still to do' })).toBeNull();
  expect(screen.queryByRole('region', { name: 'What was read and done' })).toBeNull();
});
