import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it } from 'vitest';
import type { KitchenView } from '../../api/client';
import { itIs, serve, show } from '../../test/stove';
import { KitchenPage } from './KitchenPage';
import { kitchen as plain } from './kitchen.fixtures';

beforeEach(() => itIs('2026-03-02T16:00:00Z'));

const pot = (over: object) => ({
  id: 'v1',
  name: 'Rondeau',
  shape: 'ROUND',
  firstWidthMeters: 0.36,
  secondWidthMeters: 0.36,
  depthMeters: 0.2,
  emptyMassKilograms: 4.1,
  capacityCubicMeters: 0.0203,
  lid: true,
  version: 1,
  ...over,
});
const kitchen = (over: object = {}): KitchenView =>
  ({
    ...plain,
    settings: { ...plain.settings, demo: true },
    vessels: [
      pot({}),
      pot({
        id: 'v2',
        name: 'Old pan',
        firstWidthMeters: 0.3,
        secondWidthMeters: 0.26,
        emptyMassKilograms: 0,
        lid: false,
        ovenLimitCelsius: 180,
        attackedByAcid: true,
      }),
    ],
    heatSources: [
      {
        id: 'h1',
        name: 'Gas ring',
        kind: 'GAS',
        labelPowerWatts: 5000,
        powerIntoPotWatts: 2000,
        version: 1,
      },
      {
        id: 'h2',
        name: 'Induction',
        kind: 'INDUCTION',
        labelPowerWatts: 3500,
        measuredPowerWatts: 2980,
        powerIntoPotWatts: 2980,
        version: 1,
      },
    ],
    coldPlaces: [{ id: 'c1', name: 'Walk-in', kind: 'FAN_REFRIGERATOR', celsius: 3, version: 1 }],
    measures: [
      { id: 'm1', name: 'ladle', ingredientId: '', massKilograms: 0.13, massText: '', version: 1 },
    ],
    ...over,
  }) as unknown as KitchenView;

const page = async (over: object = {}) => {
  serve({ '/api/kitchen': kitchen(over) });
  show(<KitchenPage />);
  await screen.findByRole('heading', { level: 1, name: 'Hollow Lantern' });
};
const part = (name: string) => within(screen.getByRole('region', { name }));

it('says that a demo is made up, and what each burner really gives', async () => {
  await page();
  expect(screen.getByText(/everything here is invented/)).toBeInTheDocument();
  const [gas, induction] = part('Burners').getAllByRole('listitem');
  expect(gas).toHaveTextContent('gas · 5.0 kW on the label, about 2.0 kW into the pot');
  expect(induction).toHaveTextContent('3.5 kW on the label, 2.98 kW into the pot, as timed');
});

it('tells of each pot what it holds, its sizes, and what it does not bear', async () => {
  await page();
  const words = part('Pots').getAllByText(/wide, 20 cm deep/);
  expect(words[0]).toHaveTextContent('20.3 l · 36 cm wide, 20 cm deep · 4.10 kg empty · lid');
  expect(words[1]).toHaveTextContent(
    '30 cm to 26 cm wide, 20 cm deep · never weighed · oven to 180 °C · bare metal: no long acid',
  );
});

it.each([
  ['Add a burner', 'Add a burner'],
  ['Change Gas ring', 'Change Gas ring'],
  ['Time Induction to the boil', 'Time Induction to the boil'],
  ['Add a pot', 'Add a pot'],
  ['Change Old pan', 'Change Old pan'],
  ['Add an oven', 'Add an oven'],
  ['Add a cold place', 'Add a cold place'],
  ['Change Walk-in', 'Change Walk-in'],
  ['Add a measure', 'Add a measure'],
  ['Change the ladle', 'Change the ladle'],
])('opens the sheet of what is pressed, and leaves it unchanged: %s', async (press, sheet) => {
  await page();
  await userEvent.click(screen.getByRole('button', { name: press }));
  const dialog = await screen.findByRole('dialog', { name: sheet });
  await userEvent.click(within(dialog).getByRole('button', { name: 'Leave' }));
  expect(await screen.findByRole('button', { name: press })).toHaveFocus();
});

it('says what to begin with where there is nothing, and times no burner without a pot', async () => {
  await page({ vessels: [], coldPlaces: [], measures: [] });
  expect(screen.getByText('No pot yet. Add the one that is used most.')).toBeInTheDocument();
  expect(screen.getByText(/^No oven yet/)).toBeInTheDocument();
  expect(screen.getAllByText(/^None yet/)).toHaveLength(2);
  expect(screen.getByRole('button', { name: 'Time Gas ring to the boil' })).toBeDisabled();
});
