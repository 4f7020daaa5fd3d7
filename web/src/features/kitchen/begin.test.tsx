import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { KitchenView } from '../../api/client';
import { kitchen as stove, problem, server, show, standIn } from '../../test/stove';
import { BeginPage } from './BeginPage';
import { edited, read, written } from './facts';

const kitchen = (settings: Partial<KitchenView['settings']> = {}): KitchenView => ({
  ...stove,
  boilingPointCelsius: 99.97,
  settings: {
    ...stove.settings,
    id: 'k1',
    name: 'Our kitchen',
    altitudeMeters: 0,
    altitudeText: '',
    probeErrorKelvins: 1,
    dipErrorMeters: 0.002,
    dipErrorText: '',
    roomCelsius: 20,
    currency: 'EUR',
    pint: 'US',
    hours: 'H24',
    decimalMark: 'POINT',
    version: 1,
    ...settings,
  },
});
const answer = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });

beforeEach(() => sessionStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('asks five questions one after another, each of which can wait', async () => {
  standIn(answer(kitchen()));
  show(<BeginPage />);
  expect(await screen.findByRole('radio', { name: 'metric first' })).toBeChecked();
  const later = () => userEvent.click(screen.getByRole('button', { name: 'Not now' }));
  await later();
  expect(screen.getByLabelText('Altitude')).toHaveValue('0 m');
  await later();
  expect(screen.getByLabelText('Time zone')).not.toHaveValue('');
  await later();
  expect(screen.getByRole('button', { name: 'Add a pot' })).toBeVisible();
  await later();
  expect(screen.getByRole('button', { name: 'Add a burner' })).toBeVisible();
  await later();
  expect(screen.getByText(/That takes a pot and a burner/)).toBeVisible();
  expect(screen.getAllByRole('button', { name: /^Change: / })).toHaveLength(5);
});

it('takes the height from where water boils, and keeps it in metres', async () => {
  const asked = standIn(answer(kitchen()), answer(kitchen({ altitudeMeters: 1484 })));
  // Asked for whatever stands there while it is typed.
  server.use(
    http.get('*/api/kitchen/altitude*', () =>
      HttpResponse.json({ altitudeMeters: 1483.6, withinMeters: 301.2 }),
    ),
  );
  show(<BeginPage />);
  await userEvent.click(await screen.findByRole('button', { name: 'Change: How high is it?' }));
  await userEvent.click(screen.getByRole('radio', { name: 'where water boils' }));
  await userEvent.type(screen.getByLabelText(/rolling boil/), '203 F');
  expect(await screen.findByText(/1484 m above the sea, 301 m more or less/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'That is so' }));
  await waitFor(() =>
    expect(asked[1]?.body).toMatchObject({ altitudeMeters: 1484, altitudeText: '' }),
  );
});

it('says at the thermometer where nothing boils so', async () => {
  standIn(answer(kitchen()));
  server.use(
    http.get('*/api/kitchen/altitude*', () =>
      problem(422, '', 'Water boils so in no kitchen.', 'Read it again.'),
    ),
  );
  show(<BeginPage />);
  await userEvent.click(await screen.findByRole('button', { name: 'Change: How high is it?' }));
  await userEvent.click(screen.getByRole('radio', { name: 'where water boils' }));
  await userEvent.type(screen.getByLabelText(/rolling boil/), '60');
  expect(await screen.findByRole('alert')).toHaveTextContent('Water boils so in no kitchen.');
  expect(screen.getByRole('button', { name: 'That is so' })).toBeDisabled();
});

it('writes and reads its facts in US units where the kitchen does', () => {
  const { settings } = kitchen({ units: 'US' });
  expect(written(settings, 'roomCelsius')).toBe('68 °F');
  expect(written(settings, 'probeErrorKelvins')).toBe('1.8 °F');
  expect(written(settings, 'dipErrorMeters')).toBe('0.079 in');
  expect(read('probeErrorKelvins', '3.6', 'US').value).toBeCloseTo(2);
  expect(read('probeErrorKelvins', '2 K', 'US').value).toBe(2);
  expect(edited(settings, { altitudeMeters: '5000' })).toMatchObject({
    altitudeMeters: expect.closeTo(1524),
    altitudeText: '5000 ft',
  });
});
