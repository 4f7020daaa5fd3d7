import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { BalanceView, DoseView, IngredientView } from '../../api/client';
import { problem, show, standIn } from '../../test/stove';
import { Deepens } from './Deepens';
import { FinishWith } from './FinishWith';
import { Measured } from './Measured';
import { SaltLedger } from './SaltLedger';
import type { BalanceForm } from './form';

afterEach(() => vi.unstubAllGlobals());

const form: BalanceForm = {
  pH: '',
  brix: '',
  sharper: 0,
  plate: [],
  portion: '',
  saltId: 'table-salt',
  fault: 'SHARP',
  steps: 1,
  finish: { ingredientId: '', text: '' },
  cup: '150 g',
  tasters: '3',
  cups: [],
  ready: [],
};
const goods = [
  ['table-salt', 'Table salt', 0.99],
  ['flake-salt-light', 'Flake salt, light', 0.99],
  ['baking-soda', 'Baking soda', 0.7],
  ['hard-cheese', 'Hard cheese', 0.03],
  ['egg-yolk', 'Egg yolk', 0],
].map(([id, name, saltFraction]) => ({
  id,
  retired: false,
  content: { name, saltFraction, alsoCalled: [] },
})) as unknown as IngredientView[];
const ledger = {
  in: [{ name: 'Canned tomatoes', saltKilograms: 0.018, rangeKilograms: 0.007 }],
  toCome: [{ name: 'Hard cheese', saltKilograms: 0.008, rangeKilograms: 0.002 }],
  nowFraction: 0.0053,
  reducedFraction: 0.0076,
  lowFraction: 0.0079,
  likelyFraction: 0.0104,
  highFraction: 0.0128,
  saltedNowFraction: 0.0137,
  firstDoseKilograms: 0.006,
  heldBackKilograms: 0.004,
  firstDoseCubicMeters: 4.93e-6,
  heldBackCubicMeters: 3.3e-6,
  sodiumLowKilograms: 0.00034,
  sodiumKilograms: 0.00045,
  sodiumHighKilograms: 0.00055,
  lessSaltFraction: 0.1,
};
const beads = {
  saltFraction: 0.009,
  acidFraction: 0.0067,
  sourFraction: 0.0047,
  sugarsFraction: 0.042,
  savoury: 1.5,
  fatFraction: 0.06,
  pH: 4.2,
  pHHolds: true,
  sugarToAcid: 6.3,
  sharpness: 0.4,
};
const dose = (over: Partial<DoseView> = {}): DoseView => ({
  name: 'Egg yolk',
  massKilograms: 0.05,
  reaches: true,
  after: { ...beads, fatFraction: 0.09, sharpness: 0.33 },
  solidsFraction: 0.12,
  madeKilograms: 4,
  moreSodiumKilograms: 0,
  allergens: ['egg'],
  avoided: false,
  ...over,
});
const balance = (over: object = {}) =>
  ({ ledger, after: beads, workings: [], sources: [], ...over }) as unknown as BalanceView;

it('tells where the salt comes from, what still comes, and the two doses by the salt in use', async () => {
  const change = vi.fn();
  show(
    <SaltLedger
      form={form}
      balance={balance()}
      goods={goods}
      units="METRIC"
      faultAt={() => undefined}
      change={change}
    />,
  );
  expect(within(screen.getByLabelText('Salt in the pot')).getByText('± 7 g')).toBeInTheDocument();
  expect(
    within(screen.getByLabelText('Salt still to come')).getByText('Hard cheese'),
  ).toBeInTheDocument();
  expect(screen.getByText('0.79 to 1.28 % as goods vary')).toBeInTheDocument();
  expect(screen.getByText('450 mg')).toBeInTheDocument();
  expect(
    screen.getByText(/\(1 tsp\) now is safe even if cans and cheese are on the salty side/),
  ).toBeInTheDocument();
  const salts = screen.getByLabelText('The salt in use');
  expect([...salts.querySelectorAll('option')].map((o) => o.textContent)).toEqual([
    'Table salt',
    'Flake salt, light',
  ]);
  await userEvent.selectOptions(salts, 'flake-salt-light');
  expect(change).toHaveBeenCalledWith({ saltId: 'flake-salt-light' });
  await userEvent.type(screen.getByLabelText('Sauce on each plate'), '9');
  expect(change).toHaveBeenCalledWith({ portion: '9' });
});

it('says that no more salt is wanted, and takes what meets the sauce on the plate', async () => {
  const change = vi.fn();
  const plated = { ...form, plate: [{ ingredientId: 'hard-cheese', text: 'much' }] };
  show(
    <SaltLedger
      form={plated}
      balance={balance({ ledger: { ...ledger, firstDoseKilograms: 0, heldBackKilograms: 0 } })}
      goods={goods}
      units="METRIC"
      faultAt={(f) => (f === 'plate.0' ? 'Type a weight.' : undefined)}
      change={change}
    />,
  );
  expect(screen.getByText(/No more salt/)).toBeInTheDocument();
  expect(screen.getByRole('alert')).toHaveTextContent('Type a weight.');
  expect(screen.queryByRole('button', { name: '+ hard cheese' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: '+ strong pasta water' }));
  expect(change).toHaveBeenCalledWith({
    plate: [...plated.plate, { ingredientId: 'pasta-water-strong', text: '25 g' }],
  });
  await userEvent.click(screen.getByRole('button', { name: 'Leave out line 1 of the plate' }));
  expect(change).toHaveBeenCalledWith({ plate: [] });
});

it('leads a liaison to its window and says how long the pot is good after it', async () => {
  const change = vi.fn();
  const finish = {
    dose: dose(),
    how: 'tempered by spoonfuls',
    holdSeconds: 1200,
    fromCelsius: 70,
    toCelsius: 78,
    liaison: { spoonfuls: 3, bowlCelsius: 53, potCelsius: 77.6, endCelsius: 74 },
  };
  show(
    <FinishWith
      form={{ ...form, finish: { ingredientId: 'egg-yolk', text: '50 g' } }}
      balance={balance({ finish })}
      goods={goods}
      units="METRIC"
      fault={undefined}
      change={change}
    />,
  );
  expect(screen.getByText('fat 6.0 → 9.0 % · brings egg')).toBeInTheDocument();
  expect(screen.getByText(/The pot between 70 °C and 78 °C/)).toBeInTheDocument();
  expect(
    screen.getByText(/spoonfuls of hot sauce into the bowl, one by one: it comes to 53 °C/),
  ).toBeInTheDocument();
  expect(screen.getByText(/Good for 20 min hot after that/)).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('With'), 'butter');
  expect(change).toHaveBeenCalledWith({ finish: { ingredientId: 'butter', text: '50 g' } });
});

it('keeps what was measured with the pot, and what was refused in its field', async () => {
  const asked = standIn(problem(422, '/pH', 'Too sour.', 'Measure again.'));
  const change = vi.fn();
  show(
    <Measured
      form={{ ...form, pH: '4.05', sharper: 1 }}
      batchId="b1"
      brix={0.052}
      faults={{}}
      faultAt={() => undefined}
      change={change}
    />,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Keep it with the pot' }));
  expect(await screen.findByText('Too sour. Measure again.')).toBeInTheDocument();
  expect(change).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'Keep it with the pot' }));
  await waitFor(() => expect(change).toHaveBeenCalledWith({ pH: '', brix: '' }));
  expect(asked[1]).toMatchObject({
    path: '/api/batches/b1/tastings',
    body: { pH: 4.05, brixFraction: 0.052, sharper: 1 },
  });
});

it('does not keep what was not understood', () => {
  show(
    <Measured
      form={{ ...form, pH: '12' }}
      batchId="b1"
      brix={undefined}
      faults={{ pH: 'no' }}
      faultAt={(f) => (f === 'pH' ? 'A pH lies between 3 and 7.' : undefined)}
      change={vi.fn()}
    />,
  );
  expect(screen.getByRole('button', { name: 'Keep it with the pot' })).toBeDisabled();
  expect(screen.getByRole('alert')).toHaveTextContent('A pH lies between 3 and 7.');
});

it('sets what deepens a sauce side by side, with what the kitchen leaves out, and makes cups of a side', async () => {
  const onCups = vi.fn();
  const fish = {
    atEqualSodium: dose({
      ingredientId: 'anchovies',
      name: 'Anchovies',
      massKilograms: 0.034,
      allergens: ['fish'],
      after: { ...beads, savoury: 5.2 },
    }),
    atEqualSavour: dose({
      name: 'Anchovies',
      massKilograms: 0.0176,
      after: { ...beads, saltFraction: 0.0107 },
    }),
  };
  const salt = {
    atEqualSodium: dose({
      name: 'Table salt',
      massKilograms: 0.0107,
      allergens: [],
      avoided: true,
    }),
    atEqualSavour: dose({ name: 'Table salt', reaches: false }),
  };
  show(<Deepens balance={balance({ sources: [fish, salt] })} units="METRIC" onCups={onCups} />);
  const rows = screen.getAllByRole('row').slice(1);
  expect(rows[0]).toHaveTextContent('Anchoviesfish34.0 g, savoury 5.217.6 g, salt 1.07 %');
  expect(rows[1]).toHaveTextContent('this kitchen leaves it out');
  expect(rows[1]).toHaveTextContent('more than is sensible');
  await userEvent.click(screen.getByRole('button', { name: 'Cups at equal sodium' }));
  expect(onCups).toHaveBeenCalledWith([fish.atEqualSodium]);
  expect(screen.queryByRole('button', { name: 'Cups at equal savour' })).toBeNull();
});
