import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { problem, show, standIn } from '../../test/stove';
import { Measured } from './Measured';
import { SaltLedger } from './SaltLedger';
import { form, goods, ledger, balance } from './sections.fixtures';

afterEach(() => vi.unstubAllGlobals());

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
  await waitFor(() => expect(change).toHaveBeenCalledWith({ pH: '', brix: '', sharper: 0 }));
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
