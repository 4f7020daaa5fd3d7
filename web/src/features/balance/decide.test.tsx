import { all } from '../../api/outbox/store';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { delay, http, HttpResponse } from 'msw';
import { problem, server, show, standIn } from '../../test/stove';
import { Decide } from './Decide';
import { form, balance } from './balance.fixtures';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('keeps a trial once a cup is chosen, and has the pot’s dose ready to weigh', async () => {
  const none = () => new Response('[]', { headers: { 'content-type': 'application/json' } });
  const asked = standIn(none(), none());
  const change = vi.fn();
  const { rerender } = show(
    <Decide form={form} balance={balance()} batchId="b1" units="METRIC" change={change} />,
  );
  expect(screen.getByRole('button', { name: 'Keep this trial' })).toBeDisabled();
  rerender(<></>);
  show(
    <Decide
      form={{ ...form, chosen: 's' }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={change}
    />,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Keep this trial' }));
  await waitFor(() => expect(change).toHaveBeenCalled());
  expect(asked.find((a) => a.path.endsWith('cup-trials'))).toMatchObject({
    path: '/api/batches/b1/cup-trials',
    body: {
      cupKilograms: 0.15,
      potKilograms: 6.42,
      tasters: 3,
      chosen: 1,
      cups: [{ doses: [], note: '' }, { note: 'flat' }],
    },
  });
  expect(change.mock.calls[0]?.[0].ready).toEqual([
    { ingredientId: 'baking-soda', name: 'Baking soda', massKilograms: 0.00342 },
  ]);
});

it('puts the weighed dose into the pot, and keeps it ready when that is refused', async () => {
  const ready = [{ ingredientId: 'butter', name: 'Butter', massKilograms: 0.125 }];
  const open = [{ id: 'p1', closed: false, cups: [{ what: 'as it is' }, { what: '9 g lemon' }] }];
  const asked = standIn(
    new Response(JSON.stringify(open), { headers: { 'content-type': 'application/json' } }),
    problem(422, '/massKilograms', 'Too much.', 'Take less.'),
  );
  const change = vi.fn();
  show(
    <Decide
      form={{ ...form, ready }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={change}
    />,
  );
  expect(await screen.findByRole('link', { name: 'as it is, 9 g lemon' })).toHaveAttribute(
    'href',
    '/panels/p1',
  );
  const box = within(screen.getByRole('group', { name: 'Ready to weigh' }));
  expect(box.getByText('125 g')).toBeInTheDocument();
  await userEvent.click(box.getByRole('button', { name: 'Butter is in the pot' }));
  expect(await screen.findByText('Too much. Take less.')).toBeInTheDocument();
  expect(change).not.toHaveBeenCalled();
  await userEvent.click(box.getByRole('button', { name: 'Butter is in the pot' }));
  await waitFor(() => expect(change).toHaveBeenCalledWith({ ready: [] }));
  expect(asked.at(-1)).toMatchObject({
    path: '/api/batches/b1/additions',
    body: { ingredientId: 'butter', massKilograms: 0.125 },
  });
});

it('doses once however often it is pressed while the answer is awaited', async () => {
  const dosed = vi.fn();
  server.use(
    http.get('*', () => HttpResponse.json([])),
    http.post('*/additions', async () => {
      dosed();
      await delay('infinite');
    }),
  );
  show(
    <Decide
      form={{ ...form, ready: [{ ingredientId: 'butter', name: 'Butter', massKilograms: 0.125 }] }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={vi.fn()}
    />,
  );
  const button = screen.getByRole('button', { name: 'Butter is in the pot' });
  await userEvent.click(button);
  expect(button).toHaveAttribute('aria-busy', 'true');
  button.click();
  await waitFor(() => expect(dosed).toHaveBeenCalledTimes(1));
  expect((await all()).filter((e) => e.path.endsWith('/additions'))).toHaveLength(1);
});
