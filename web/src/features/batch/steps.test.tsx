import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { KitchenView } from '../../api/client';
import { kitchen, problem, standIn, standing } from '../../test/stove';
import { AddSheet } from './AddSheet';
import { HeatSheet } from './HeatSheet';
import { Steps } from './Steps';
import { ragu, themed } from './steps.fixtures';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

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
