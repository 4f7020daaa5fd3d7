import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { VesselView } from '../../api/client';
import { problem, show, standIn } from '../../test/stove';
import { VesselForm } from './VesselForm';

afterEach(() => vi.unstubAllGlobals());

const pan: VesselView = {
  id: 'v1',
  name: 'Pan',
  shape: 'ROUND',
  firstWidthMeters: 0.3048,
  firstWidthText: '12 in',
  secondWidthMeters: 0.3048,
  secondWidthText: '',
  depthMeters: 0.1,
  depthText: '',
  emptyMassKilograms: 0,
  emptyMassText: '',
  metal: 'STAINLESS_STEEL',
  lid: true,
  attackedByAcid: false,
  retired: false,
  version: 3,
  capacityCubicMeters: 0.0073,
};

it('shows sizes as they were typed, or in centimetres, and leaves out what was never said', () => {
  show(<VesselForm vessel={pan} units="METRIC" onClose={vi.fn()} />);
  expect(screen.getByLabelText('Wide inside, at the bottom')).toHaveValue('12 in');
  expect(screen.getByLabelText('Wide inside, at the rim')).toHaveValue('');
  expect(screen.getByLabelText('Deep inside')).toHaveValue('10 cm');
  expect(screen.getByText('never weighed')).toBeInTheDocument();
});

it('sends SI with the text beside it, and an impossible size comes back to its field', async () => {
  const asked = standIn(
    problem(422, '/depthMeters', '2 m is more than 1.5 m.', 'Choose a smaller one.'),
  );
  const close = vi.fn();
  show(<VesselForm vessel={pan} units="METRIC" onClose={close} />);
  const deep = screen.getByLabelText('Deep inside');
  await userEvent.clear(deep);
  await userEvent.type(deep, '2 m');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent(
    '2 m is more than 1.5 m. Choose a smaller one.',
  );
  expect(deep).toHaveValue('2 m');
  expect(asked[0]).toMatchObject({
    path: '/api/vessels',
    body: {
      firstWidthMeters: expect.closeTo(0.3048),
      firstWidthText: '12 in',
      secondWidthMeters: expect.closeTo(0.3048),
      secondWidthText: '',
      depthMeters: 2,
      depthText: '2 m',
    },
  });
  await userEvent.clear(deep);
  await userEvent.type(deep, '6 in');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
});

it('shows what was never typed in inches and degrees Fahrenheit where the kitchen has them', () => {
  show(<VesselForm vessel={{ ...pan, ovenLimitCelsius: 200 }} units="US" onClose={vi.fn()} />);
  expect(screen.getByLabelText('Deep inside')).toHaveValue('3.937 in');
  expect(screen.getByLabelText(/Hottest oven/)).toHaveValue('392 °F');
});
