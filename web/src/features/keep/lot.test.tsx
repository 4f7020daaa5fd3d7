import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import { serve, show } from '../../test/stove';
import { LotPage } from './LotPage';
import { kitchen } from './keep.fixtures';

const lot = (over: object = {}) => ({
  id: 'l1',
  code: 'WYC5R',
  name: 'Larder base',
  state: 'CHILLED',
  placeId: 'walk-in',
  placeName: 'Walk-in',
  daysLeft: 4,
  useBy: '2026-03-06',
  madeOn: '2026-02-28',
  tubs: 4,
  cubicMeters: 0.0037,
  massKilograms: 3.8,
  eachKilograms: 1.01,
  freezingSeconds: 0,
  thawingSeconds: 72_000,
  reheatCelsius: 74,
  reheatSeconds: 480,
  reheatOn: 'Rondeau, Gas',
  reheatInTime: true,
  plates: 34.7,
  platesOf: 'dry pasta',
  fitness: 'WELL',
  fitnessSays: [],
  coolingRecorded: true,
  checkLabels: false,
  workings: [],
  declaration: { allergens: [], asked: [], diets: [], unknown: [], inWords: '' },
  events: [
    { at: '2026-02-28T18:00:00Z', kind: 'PUT_AWAY', massKilograms: 4.8, what: 'Walk-in' },
    { at: '2026-03-01T11:00:00Z', kind: 'USED', massKilograms: 1, what: 'a bake' },
  ],
  ...over,
});

const page = async (over: object = {}, trace?: object) => {
  serve({
    '/api/kitchen': kitchen,
    '/api/lots/l1': lot(over),
    '/api/lots/l1/trace': trace ?? { from: [], to: [] },
  });
  show(
    <Routes>
      <Route path="/keep/lots/:id" element={<LotPage />} />
    </Routes>,
    '/keep/lots/l1',
  );
  await screen.findByRole('heading', { level: 1, name: /Larder base/ });
};

it('tells until when it is good, how it is reheated, for how many plates, and what was done', async () => {
  await page();
  const dates = screen.getByRole('region', { name: 'Dates' });
  expect(dates).toHaveTextContent('use by Fri 6 Mar');
  expect(dates).toHaveTextContent(
    'Reheated to 74 °C all through: all of it in about 8 min in the Rondeau, Gas',
  );
  expect(dates).toHaveTextContent('enough for about 34 plates of dry pasta');
  const trace = screen.getByRole('region', { name: 'Trace' });
  expect(trace).toHaveTextContent('Sun 1 Mar 12:00 · used 1.00 kg: a bake');
  expect(
    await within(trace).findByText('Nothing is noted of where it came from.'),
  ).toBeInTheDocument();
});

it('opens what can be done with it', async () => {
  await page();
  await userEvent.click(screen.getByRole('button', { name: 'Move or freeze' }));
  expect(screen.getByRole('dialog', { name: 'Move Larder base' })).toBeInTheDocument();
});

it('is not used past its date: it is only thrown away', async () => {
  await page({ daysLeft: 0 });
  expect(screen.getByText(/Its date is past/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Use some' })).toBeNull();
  expect(screen.getByRole('button', { name: 'Throw it away' })).toBeInTheDocument();
});

it('says how long it thaws, by when it is to be moved, and what freezing does to it', async () => {
  await page({
    state: 'FROZEN',
    useBy: undefined,
    bestUntil: '2026-08-28',
    wantedAt: '2026-03-05T11:00:00Z',
    moveBy: '2026-03-04T09:00:00Z',
    fitness: 'WITH_CARE',
    fitnessSays: ['cream may split'],
    reheatInTime: false,
  });
  const dates = screen.getByRole('region', { name: 'Dates' });
  expect(dates).toHaveTextContent('best until Fri 28 Aug');
  expect(dates).toHaveTextContent('4 days are left for it once it thaws.');
  expect(dates).toHaveTextContent('Wanted Thu 5 Mar: move it by Wed 4 Mar, 10:00.');
  expect(dates).toHaveTextContent('Freezes with care: cream may split.');
  expect(dates).toHaveTextContent('That is longer than is allowed: less at a time.');
  expect(within(dates).getByRole('button', { name: 'Wanted thawed' })).toBeInTheDocument();
});

it('keeps its history where nothing is left, and offers nothing to do with it', async () => {
  await page(
    { state: 'GONE', tubs: 0, massKilograms: 0, coolingRecorded: false },
    { from: [], to: [{ what: 'DISH', name: 'a bake', words: 'served', code: '' }] },
  );
  expect(screen.getByText('nothing is left of it')).toBeInTheDocument();
  expect(screen.queryByRole('button')).toBeNull();
  expect(await screen.findByText(/a bake/, { selector: 'li *, li' })).toBeInTheDocument();
  expect(screen.getByText('How it was cooled is not recorded here.')).toBeInTheDocument();
});
