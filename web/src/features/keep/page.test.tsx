import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { KeepingView } from '../../api/client';
import { kitchen as stove, serve, show } from '../../test/stove';
import { KeepPage } from './KeepPage';

const kitchen = {
  ...stove,
  vessels: [
    {
      id: 'well',
      name: 'Hot well',
      shape: 'ROUND',
      firstWidthMeters: 0.3,
      secondWidthMeters: 0.3,
      depthMeters: 0.2,
      capacityCubicMeters: 0.014,
      retired: false,
    },
  ],
};
const held = (name: string, state: 'HOT' | 'REHEAT'): KeepingView =>
  ({
    id: name,
    name,
    startedAt: '2026-03-02T15:00:00Z',
    massKilograms: 4.2,
    rules: 'FDA Food Code 2022',
    entries: [],
    declaration: { allergens: [], asked: [], unknown: [], diets: [], traits: [] },
    hold: {
      state,
      vessel: 'Hot well',
      lid: 'ON',
      heldCelsius: 68,
      limitCelsius: 57,
      reheatCelsius: 74,
      act: '2026-03-02T17:30:00Z',
      lastHot: '2026-03-02T15:00:00Z',
      goodUntil: '2026-03-02T19:00:00Z',
      baseUntil: '2026-03-02T20:00:00Z',
      discard: '2026-03-02T21:00:00Z',
      because: '',
      loosenHow: '',
      lossKilogramsPerHour: 0.1,
      nowFraction: 0.12,
      wantedFraction: 0.12,
      topUpKilograms: 0,
      toOrder: [],
      workings: [],
    },
  }) as unknown as KeepingView;

const page = (keepings: KeepingView[], at = '/keep') => {
  serve({
    '/api/kitchen': kitchen,
    '/api/keepings': keepings,
    '/api/logbook': { entries: [], more: false },
    '/api/formulas': [{ id: 'plain-marinara', name: 'Plain marinara' }],
  });
  show(<KeepPage />, at);
};

it('puts what must be mended above what is in order', async () => {
  page([held('In order', 'HOT'), held('Too cool', 'REHEAT')]);
  const rails = await screen.findAllByRole('article');
  expect(rails.map((r) => r.getAttribute('aria-label'))).toEqual(['Too cool', 'In order']);
});

it('says when nothing is held or cooling', async () => {
  page([]);
  expect(await screen.findByText(/Nothing is held or cooling/)).toBeInTheDocument();
});

it('opens the hold of a pot just off the heat with its batch and its mass', async () => {
  page([], '/keep?hold=b1&mass=3.5 kg');
  const sheet = await screen.findByRole('dialog', { name: 'Hold something hot' });
  expect(within(sheet).getByLabelText('How much')).toHaveValue('3.5 kg');
  await userEvent.click(within(sheet).getByRole('button', { name: 'Leave' }));
  expect(screen.queryByRole('dialog')).not.toBeInTheDocument();
});

it('begins a hold anew with nothing chosen, at the kitchen’s usual degrees', async () => {
  page([]);
  await userEvent.click(await screen.findByRole('button', { name: 'Hold something hot' }));
  const sheet = screen.getByRole('dialog');
  expect(within(sheet).getByLabelText('How much')).toHaveValue('');
  expect(within(sheet).getByLabelText('Held at')).toHaveValue('68 °C');
  expect(within(sheet).getByRole('button', { name: 'It is on hold' })).toBeDisabled();
});
