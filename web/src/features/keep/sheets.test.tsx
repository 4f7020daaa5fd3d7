import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { CoolingSetupChoice, KeepingView } from '../../api/client';
import { readAs } from '../../quantities';
import { problem, standIn } from '../../test/stove';
import { PlaceSheet, ReadSheet, ReheatSheet, TopUpSheet } from './KeepingSheets';
import { SetOutSheet } from './SetOutSheet';
import { cooling, kitchen, show } from './keep.fixtures';

const offered: CoolingSetupChoice = {
  vesselId: 'tin',
  count: 2,
  place: 'ICE_BATH',
  covered: false,
  thenPlaceId: 'walk-in',
};
const held = {
  ...cooling({}),
  cooling: undefined,
  hold: { topUpKilograms: 0.53 },
} as unknown as KeepingView;
const save = (name = 'Save') => userEvent.click(screen.getByRole('button', { name }));
const at = (asked: ReturnType<typeof standIn>, path: string) =>
  asked.find((a) => a.path === `/api/keepings/${path}`)?.body;

it('says where the thermometer goes: warmest while it cools, coldest while it is held', () => {
  const { unmount } = show(<ReadSheet keeping={cooling({})} kitchen={kitchen} onClose={vi.fn()} />);
  expect(screen.getByText(/where it is warmest/)).toBeInTheDocument();
  unmount();
  show(<ReadSheet keeping={held} kitchen={kitchen} onClose={vi.fn()} />);
  expect(screen.getByText(/At its coldest place/)).toBeInTheDocument();
});

it('reads Fahrenheit as it was typed, and tells the range in it where it is refused', async () => {
  readAs({ pint: 'US', units: 'US' });
  const refused = new Response(
    JSON.stringify({
      title: 'x',
      status: 422,
      detail: 'x',
      errors: [
        {
          pointer: '/celsius',
          code: 'too-large',
          message: 'Above boiling.',
          limit: '',
          remedy: '105 °C or less.',
          bounds: { least: -30, most: 105, unit: '°C' },
        },
      ],
    }),
    { status: 422, headers: { 'content-type': 'application/problem+json' } },
  );
  const asked = standIn(refused);
  const us = { ...kitchen, settings: { ...kitchen.settings, units: 'US' as const } };
  show(<ReadSheet keeping={cooling({})} kitchen={us} onClose={vi.fn()} />);
  const field = screen.getByLabelText('The thermometer shows');
  await userEvent.type(field, '300');
  await save();
  expect(await screen.findByRole('alert')).toHaveTextContent(
    '300 °F is too much. Choose −22 to 221 °F.',
  );
  expect(at(asked, 'k1/readings')).toMatchObject({ enteredText: '300 °F' });
  expect(field).toHaveValue('300');
});

it('stands otherwise from now on as it is offered, or as it is chosen', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<PlaceSheet keeping={cooling({})} kitchen={kitchen} offered={offered} onClose={close} />);
  await save('It stands like that now');
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(at(asked, 'k1/placings')).toMatchObject({ setup: { count: 2, place: 'ICE_BATH' } });
});

it('keeps another pan that is refused on the sheet, with the reason at its field', async () => {
  standIn(problem(422, '/setup/vesselId', 'Something stands in that pan.', 'Choose another.'));
  const close = vi.fn();
  show(<PlaceSheet keeping={cooling({})} kitchen={kitchen} offered={offered} onClose={close} />);
  await save('It stands like that now');
  expect(await screen.findByText(/Something stands in that pan/)).toBeInTheDocument();
  expect(close).not.toHaveBeenCalled();
});

it('begins anew only once it was that hot all through', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<ReheatSheet keeping={cooling({})} kitchen={kitchen} offered={offered} onClose={close} />);
  expect(screen.getByText(/All of it to 74 °C or hotter/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'It is that hot all through' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('The thermometer shows'), '82');
  await save('It is that hot all through');
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(at(asked, 'k1/reheatings')).toMatchObject({ celsius: 82, setup: { count: 2 } });
});

it('offers the water that is lacking, and puts in what was really poured', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<TopUpSheet keeping={held} kitchen={kitchen} onClose={close} />);
  const water = screen.getByLabelText('Hot water');
  expect(water).toHaveValue('530 ml');
  await userEvent.clear(water);
  await userEvent.type(water, '400');
  expect(screen.getByText('400 ml')).toBeInTheDocument();
  await save('It is in');
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(at(asked, 'k1/top-ups')).toMatchObject({
    waterKilograms: expect.closeTo(0.4, 9),
  });
});

it('leaves something out by time, from hot or from cold, with a name', async () => {
  const asked = standIn(
    problem(422, '/celsius', '48 °C is not hot enough to start.', 'Heat it first.'),
  );
  const close = vi.fn();
  show(<SetOutSheet kitchen={kitchen} onClose={close} />);
  const out = screen.getByRole('button', { name: 'It is left out' });
  const shows = screen.getByLabelText('The thermometer shows');
  await userEvent.type(shows, '48');
  expect(out).toBeDisabled();
  await userEvent.type(screen.getByLabelText('What'), ' Half a tray ');
  await userEvent.click(out);
  expect(await screen.findByRole('alert')).toHaveTextContent('not hot enough to start');
  await userEvent.click(screen.getByRole('radio', { name: 'from cold' }));
  await userEvent.clear(shows);
  await userEvent.type(shows, '4');
  await userEvent.click(out);
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.at(-1)).toMatchObject({
    path: '/api/keepings/set-outs',
    body: { food: 'Half a tray', fromCold: true, celsius: 4, enteredText: '4 °C' },
  });
});
