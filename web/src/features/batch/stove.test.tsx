import { ThemeProvider } from '@mui/material';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { BatchView } from '../../api/client';
import { theme } from '../../theme/theme';
import { batch, kitchen, problem, show, standIn } from '../../test/stove';
import { PotPicture } from './PotPicture';
import { ReadingSheet } from './ReadingSheet';
import { Readings } from './Readings';
import { along } from '../../ui/along';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('weighs pot and sauce, shows what is sauce, and sends the pot with it', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<ReadingSheet kind="WEIGHING" batch={batch} kitchen={kitchen} onClose={close} />);
  await userEvent.type(screen.getByLabelText('The scale shows'), '9.5');
  expect(screen.getByText('5.40 kg in the pot')).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('When, if not just now'), '17:40');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[0]).toMatchObject({
    path: '/api/batches/b1/readings',
    body: {
      grossKilograms: 9.5,
      tareVesselId: 'v1',
      enteredText: '9.5 kg',
      source: 'TYPED',
      stamp: { happenedLocalTime: '17:40' },
    },
  });
});

it('weighs sauce alone without a pot', async () => {
  const asked = standIn();
  show(<ReadingSheet kind="WEIGHING" batch={batch} kitchen={kitchen} onClose={vi.fn()} />);
  await userEvent.click(screen.getByRole('radio', { name: 'sauce alone' }));
  await userEvent.type(screen.getByLabelText('The scale shows'), '12 lb');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]?.body).not.toHaveProperty('tareVesselId');
});

it('keeps a refused dip on the sheet, says why at the field, and takes the mended one', async () => {
  const asked = standIn(
    problem(422, '/depthMeters', 'Deeper than the pot.', 'Read the stick again.'),
  );
  const close = vi.fn();
  show(<ReadingSheet kind="DIP" batch={batch} kitchen={kitchen} onClose={close} />);
  const field = screen.getByLabelText('Wet length of the stick');
  await userEvent.type(field, '35 cm');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent(
    'Deeper than the pot. Read the stick again.',
  );
  expect(field).toHaveValue('35 cm');
  expect(close).not.toHaveBeenCalled();
  await userEvent.clear(field);
  await userEvent.type(field, '35');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[1]?.body).toMatchObject({ depthMeters: 0.035, enteredText: '35 mm' });
  expect(asked[1]?.body.id).toBe(asked[0]?.body.id);
});

it('strikes a reading out and puts another back', async () => {
  const asked = standIn();
  show(<Readings batch={batch} kitchen={kitchen} />);
  const [weighed, dipped] = screen.getAllByRole('listitem');
  expect(weighed).toHaveTextContent('17:405.78 kg in the pot');
  expect(dipped).toHaveTextContent('52 mm deepstruck out');
  await userEvent.click(within(weighed as HTMLElement).getByRole('button'));
  await userEvent.click(within(dipped as HTMLElement).getByRole('button'));
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked.map((a) => [a.path, a.body.eventId])).toEqual([
    ['/api/batches/b1/strike-outs', 'e1'],
    ['/api/batches/b1/restorations', 'e2'],
  ]);
});

it('shows the levels as corrected, not as planned', () => {
  const point = (at: string, mass: number, depth: number) => ({
    at,
    massKilograms: mass,
    depthMeters: depth,
    solidsFraction: 0.1,
    temperatureCelsius: 90,
  });
  const likely = [
    point('2026-03-02T16:05:00Z', 5.2, 0.052),
    point('2026-03-02T18:00:00Z', 3, 0.03),
  ];
  const planned = {
    workings: [],
    fit: { startDepthMeters: 0.066, endDepthMeters: 0.038, headroomDepthMeters: 0.17 },
    targetSolidsFraction: 0.105,
  };
  const corrected = {
    ...batch,
    planned,
    asPlanned: { likely },
    forecast: {
      ...batch.forecast,
      workings: [],
      thickAt: '2026-03-02T18:00:00Z',
      likely,
      early: likely,
      late: likely,
    },
  } as unknown as BatchView;
  show(
    <ThemeProvider theme={theme}>
      <PotPicture
        batch={corrected}
        kitchen={kitchen}
        now={Date.parse('2026-03-02T17:00:00Z')}
        here={likely[0]}
      />
    </ThemeProvider>,
  );
  expect(screen.getByText('wanted 30 mm')).toBeInTheDocument();
  expect(screen.getByText('start 52 mm')).toBeInTheDocument();
});

it('finds the pot as it is now between two points of the fall', () => {
  const point = (at: string, mass: number) => ({
    at,
    massKilograms: mass,
    depthMeters: mass / 100,
    solidsFraction: 0.1,
    temperatureCelsius: 90,
  });
  const fall = [point('2026-03-02T17:00:00Z', 6), point('2026-03-02T18:00:00Z', 4)];
  expect(along(fall, Date.parse('2026-03-02T17:15:00Z'))?.massKilograms).toBeCloseTo(5.5);
  expect(along(fall, Date.parse('2026-03-02T16:00:00Z'))?.massKilograms).toBe(6);
  expect(along(fall, Date.parse('2026-03-02T19:00:00Z'))?.massKilograms).toBe(4);
});
