import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { problem, show, standIn } from '../../test/stove';
import { AgainSheet } from './AgainSheet';

afterEach(() => vi.unstubAllGlobals());

const made = {
  differences: [
    { name: 'Table salt', plannedKilograms: 0, madeKilograms: 0.012 },
    { name: 'Crushed tomatoes', plannedKilograms: 5, madeKilograms: 5.5 },
  ],
  leftOut: ['Plain marinara from a tub'],
};

it('tells how a batch differed, and plans it either way', async () => {
  const asked = standIn(
    problem(409, '', 'Somebody else wrote a version meanwhile.', 'Load it again.'),
    new Response('{"formulaId":"as-made-b1"}', {
      status: 201,
      headers: { 'content-type': 'application/json' },
    }),
  );
  const plan = vi.fn();
  show(<AgainSheet batchId="b1" made={made} units="METRIC" onPlan={plan} onClose={vi.fn()} />);
  expect(screen.getByText('12 g Table salt added')).toBeInTheDocument();
  expect(
    screen.getByText('5.50 kg Crushed tomatoes, where 5.00 kg were planned'),
  ).toBeInTheDocument();
  expect(screen.getByText(/from a tub cannot be had again/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'By the formula' }));
  expect(plan).toHaveBeenLastCalledWith();
  await userEvent.click(screen.getByRole('button', { name: 'As it was made' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('Load it again');
  await userEvent.click(screen.getByRole('button', { name: 'As it was made' }));
  await waitFor(() => expect(plan).toHaveBeenLastCalledWith('as-made-b1'));
  expect(asked.map((a) => a.path)).toEqual([
    '/api/batches/b1/formulas',
    '/api/batches/b1/formulas',
  ]);
});
