import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { ColdPlaceView, HeatSourceView, KitchenView } from '../../api/client';
import { kitchen as bare, problem, show, standIn } from '../../test/stove';
import { readAs } from '../../quantities';
import { Backup } from './Backup';
import { BurnerForm } from './BurnerForm';
import { ColdPlaceForm } from './ColdPlaceForm';
import { TimingSheet } from './TimingSheet';

const burner = {
  id: 'h1',
  name: 'Gas ring',
  kind: 'GAS',
  labelPowerWatts: 5000,
  labelPowerText: '5 kW',
  version: 3,
} as HeatSourceView;
const kitchen = {
  ...bare,
  boilingPointCelsius: 92.1,
  vessels: [{ id: 'v1', name: 'Rondeau' }],
} as unknown as KitchenView;

it('adds a burner with the power on its label, in any unit, and says it in kilowatts', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<BurnerForm burner={undefined} onClose={close} />);
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('What the cooks call it'), 'Back ring');
  await userEvent.type(screen.getByLabelText('Power on the label'), '15000 btu/h');
  expect(screen.getByText('4.40 kW')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: 'radiant' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[0]).toMatchObject({
    path: '/api/heat-sources',
    body: {
      name: 'Back ring',
      kind: 'RADIANT',
      labelPowerWatts: expect.closeTo(4396, 0),
      labelPowerText: '15000 btu/h',
    },
  });
});

it('changes a burner as it was seen, keeps what is refused, and puts it out of use', async () => {
  const asked = standIn(
    problem(422, '/labelPowerWatts', 'No burner is that strong.', 'Look at the label.'),
  );
  const close = vi.fn();
  show(<BurnerForm burner={burner} onClose={close} />);
  const power = screen.getByLabelText('Power on the label');
  await userEvent.clear(power);
  await userEvent.type(power, '900 kW');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('No burner is that strong.');
  expect(power).toHaveValue('900 kW');
  expect(asked[0]?.body).toMatchObject({ id: 'h1' });
  await userEvent.click(screen.getByRole('button', { name: /out of use/i }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.at(-1)?.path).toBe('/api/heat-sources/h1/retired');
});

it('reads the thermometer of a cold place in the kitchen’s degrees', async () => {
  readAs({ pint: 'US', units: 'US' });
  const asked = standIn();
  const close = vi.fn();
  const place = {
    id: 'c1',
    name: 'Walk-in',
    kind: 'FAN_REFRIGERATOR',
    celsius: 3,
    version: 1,
  } as ColdPlaceView;
  show(<ColdPlaceForm place={place} units="US" onClose={close} />);
  const shows = screen.getByLabelText('Its thermometer shows');
  expect(shows).toHaveValue('37.4 °F');
  await userEvent.clear(shows);
  await userEvent.type(shows, '41');
  expect(screen.getByText('5.0 °C')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[0]?.body).toMatchObject({ id: 'c1', celsius: expect.closeTo(5, 6) });
});

it('times water to the boil, and says in seconds what was understood', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<TimingSheet burner={burner} kitchen={kitchen} onClose={close} />);
  expect(screen.getByText(/Water boils here at 92.1 °C/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('It took'), '6 min 30 s');
  expect(screen.getByText('390 s')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: 'open' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[0]).toMatchObject({
    path: '/api/heat-sources/h1/timing',
    body: {
      vesselId: 'v1',
      waterCubicMeters: 0.002,
      waterText: '2 l',
      startCelsius: 15,
      seconds: 390,
      secondsText: '6 min 30 s',
      covered: false,
    },
  });
});

const zip = () => new File(['zip'], 'backup.zip', { type: 'application/zip' });
const restore = (file: File) =>
  fireEvent.change(screen.getByLabelText('Backup to restore'), { target: { files: [file] } });

it('reads a backup back, and says how much came', async () => {
  const answer = new Response(JSON.stringify({ tables: 29, rows: 512 }), {
    headers: { 'content-type': 'application/json' },
  });
  const server = vi.fn(() => Promise.resolve(answer));
  vi.stubGlobal('fetch', server);
  show(<Backup />);
  expect(screen.getByRole('link', { name: 'Save a backup' })).toHaveAttribute(
    'href',
    '/api/backup',
  );
  restore(zip());
  expect(await screen.findByText('All of it is back: 512 rows of 29 tables.')).toBeInTheDocument();
  vi.unstubAllGlobals();
});
