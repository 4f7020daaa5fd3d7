import { ThemeProvider } from '@mui/material';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { BatchView, KitchenView } from '../../api/client';
import { batch, kitchen, problem, show, standIn, standing } from '../../test/stove';
import { theme } from '../../theme/theme';
import { AddSheet } from './AddSheet';
import { HeatSheet } from './HeatSheet';
import { Steps } from './Steps';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

const stage = (title: string, role: string, minutes: number, loads?: object) => ({
  title,
  role,
  seconds: minutes * 60,
  readyCue: 'brown',
  tooFarCue: 'black',
  ...(loads ? { loads } : {}),
});
const due = (key: string, at: string, over?: string) => ({
  key: `b1/${key}`,
  at,
  ...(over ? { over } : {}),
});
const ragu = {
  ...batch,
  tasks: [
    due('stage-0', '2026-03-02T16:00:00Z', '2026-03-02T16:14:00Z'),
    due('stage-1', '2026-03-02T16:14:00Z', '2026-03-02T16:35:00Z'),
    due('simmer', '2026-03-02T16:35:00Z'),
  ],
  timeScale: 1,
  startedAt: '2026-03-02T16:00:00Z',
  events: [],
  planned: {
    stages: [
      stage('Soffritto', 'PREPARE', 14),
      stage('Brown the meat', 'PREPARE', 21, { count: 3, eachKilograms: 0.51 }),
      stage('Simmer', 'REDUCE', 0),
      stage('Finish', 'FINISH', 3),
    ],
  },
  forecast: {
    ...batch.forecast,
    likely: [],
    simmerStartedAt: '2026-03-02T16:35:00Z',
    thickAt: '2026-03-02T18:00:00Z',
    workings: [],
  },
} as unknown as BatchView;
const measured = {
  ...kitchen,
  measures: [
    { id: 'm', name: 'ladle', massKilograms: 0.13, massText: '', retired: false, version: 1 },
  ],
};
const themed = (screenOf: React.ReactNode) =>
  show(<ThemeProvider theme={theme}>{screenOf}</ThemeProvider>);

it('walks through the stages before the simmer, one at a time, with its loads', () => {
  themed(
    <Steps
      batch={ragu}
      kitchen={kitchen}
      now={Date.parse('2026-03-02T16:20:00Z')}
      earlier={[]}
      onRead={vi.fn()}
      onFinish={vi.fn()}
    />,
  );
  const [soffritto, brown, simmer, finish] = screen.getAllByRole('listitem');
  expect(soffritto).toHaveTextContent('17:00Soffritto');
  expect(brown).toHaveTextContent('nowBrown the meat3 loads of 510 g · ready: brown');
  expect(simmer).toHaveTextContent('17:35Simmer');
  expect(finish).toHaveTextContent('19:00Finish');
});

it('takes a ladle as a unit, and sends what was typed beside it', async () => {
  const asked = standIn();
  const close = vi.fn();
  themed(<AddSheet batch={ragu} kitchen={measured} onClose={close} />);
  await userEvent.click(screen.getByRole('radio', { name: 'ladled out' }));
  expect(screen.getByText('or by the ladle')).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('Came out'), '2 ladles');
  expect(screen.getByText('260 g')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.find((a) => a.path.endsWith('/ladlings'))?.body).toMatchObject({
    massKilograms: 0.26,
    enteredText: '2 ladles',
  });
});

it('lifts out the pieces that are chosen, and leaves the others in', async () => {
  const asked = standIn();
  const pieces = [
    { ingredientId: 'chicken-thigh', name: 'Chicken thighs', comesOut: true },
    { ingredientId: 'shallot', name: 'Shallot', comesOut: false },
  ];
  themed(<AddSheet batch={{ ...ragu, pieces }} kitchen={kitchen} onClose={vi.fn()} />);
  await userEvent.click(screen.getByRole('radio', { name: 'pieces taken out' }));
  await userEvent.type(screen.getByLabelText('When, if not just now'), '17:40');
  expect(screen.getByRole('button', { name: 'Shallot', pressed: false })).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Chicken thighs', pressed: true }));
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: 'Chicken thighs' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(asked.find((a) => a.path.endsWith('/take-outs'))?.body).toMatchObject({
      ingredientIds: ['chicken-thigh'],
      stamp: { happenedLocalTime: '17:40' },
    }),
  );
});

it('puts the pot into this kitchen’s oven with its fan', async () => {
  const asked = standIn();
  const ovens = [
    {
      id: 'o1',
      name: 'Deck oven',
      widthMeters: 0.65,
      widthText: '',
      depthMeters: 0.5,
      depthText: '',
      heightMeters: 0.3,
      heightText: '',
      hottestCelsius: 280,
      fan: true,
      retired: false,
      version: 1,
    },
  ];
  themed(<HeatSheet batch={ragu} kitchen={{ ...kitchen, ovens }} onClose={vi.fn()} />);
  await userEvent.click(screen.getByRole('radio', { name: 'oven' }));
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('Oven at'), '300 °F');
  await userEvent.click(screen.getByRole('radio', { name: 'fan' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(asked[0]?.body).toMatchObject({
      heating: { way: 'OVEN', ovenCelsius: expect.closeTo(148.89, 1), ovenId: 'o1', fan: true },
      lid: 'OFF',
    }),
  );
});

it('takes sauce out of a tub, and tells the tub', async () => {
  const lots = [
    { id: 'l1', code: 'KTQ2M', name: 'Larder base', massKilograms: 3.8, daysLeft: 2 },
    { id: 'l2', code: 'PAST9', name: 'Old base', massKilograms: 1, daysLeft: 0 },
  ];
  const json = { status: 200, headers: { 'content-type': 'application/json' } };
  const nothing = () => new Response('[]', json);
  const asked = standIn(
    nothing(),
    new Response(JSON.stringify(lots), json),
    new Response('{}', { ...json, status: 201 }),
    nothing(),
    nothing(),
    nothing(),
  );
  const close = vi.fn();
  themed(<AddSheet batch={ragu} kitchen={kitchen} onClose={close} />);
  await userEvent.click(screen.getByRole('radio', { name: 'something else' }));
  await userEvent.click(screen.getByRole('combobox', { name: 'What else' }));
  expect(
    await screen.findByRole('option', { name: /Larder base from tub KTQ2M, 3.80 kg there/ }),
  ).toBeInTheDocument();
  expect(screen.queryByRole('option', { name: /Old base/ })).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('option', { name: /Larder base/ }));
  await userEvent.type(screen.getByLabelText('Went in, all of it'), '1.5 kg');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
    batchId: 'b1',
    massKilograms: 1.5,
    massText: '1.5 kg',
  });
});

it('asks before two pots stand on one burner', async () => {
  const asked = standIn(
    problem(
      422,
      '/heatSourceId',
      '‘Ridge ragù’ stands on that burner.',
      'Choose another, or say that both stand there.',
      'in-use',
    ),
  );
  standing.push({ vesselId: 'v2', name: 'Ridge ragù' });
  const pots = [
    { id: 'v1', name: 'Rondeau' },
    { id: 'v2', name: 'Stockpot' },
  ] as KitchenView['vessels'];
  themed(<HeatSheet batch={ragu} kitchen={{ ...kitchen, vessels: pots }} onClose={vi.fn()} />);
  expect(
    await screen.findByRole('radio', { name: 'Stockpot (holds Ridge ragù)' }),
  ).toBeInTheDocument();
  expect(screen.queryByRole('radio', { name: 'both stand there' })).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText(/stands on that burner/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: 'both stand there' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(asked.map((a) => a.body.sharesHeat)).toEqual([false, true]));
  standing.length = 0;
});
