import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, it } from 'vitest';
import type { BalanceRequest, BalanceView } from '../../api/client';
import { kitchen, serve, server, show } from '../../test/stove';
import { BalancePage } from './BalancePage';
import { balance as of, beads, goods } from './sections.fixtures';

const balance = (over: object = {}): BalanceView =>
  of({
    title: 'Plain marinara',
    massKilograms: 6.42,
    madeKilograms: 3.9,
    toLoseKilograms: 2.5,
    portions: 33.9999999,
    now: beads,
    cautions: [{ code: 'c', text: '2.5 kg of water is still to leave' }],
    tastes: [],
    remedies: [],
    cups: [[]],
    deepens: [],
    sides: [],
    finishes: [],
    ...over,
  });

const shelf = [
  { id: 'plain', name: 'Plain marinara', targetSolidsFraction: 0.1 },
  { id: 'dough', name: 'Egg dough' },
];
const pots = [{ id: 'b1', name: 'Ridge ragù', pot: { vessel: { name: 'Tall pot' } } }];

/** A server that balances; what it was asked is kept. */
function served(answer: () => Response) {
  serve({
    '/api/kitchen': kitchen,
    '/api/formulas': shelf,
    '/api/batches': pots,
    '/api/pantry/ingredients': goods,
  });
  const asked: BalanceRequest[] = [];
  server.use(
    http.post('*/api/balance/preview', async ({ request }) => {
      asked.push((await request.json()) as BalanceRequest);
      return answer();
    }),
  );
  return asked;
}
const refuse = () =>
  HttpResponse.json(
    { title: 'x', status: 422, detail: 'It cannot be reckoned.', errors: [] },
    { status: 422, headers: { 'content-type': 'application/problem+json' } },
  );
const open = (at = '/balance') => show(<BalancePage />, at);

it('offers what is on the stove first, then the sauces of the shelf, and no part of a dish', async () => {
  const asked = served(refuse);
  open();
  const pick = await screen.findByLabelText('Which pot');
  expect([...pick.querySelectorAll('option')].map((o) => o.textContent)).toEqual([
    'on the stove: Ridge ragù, Tall pot',
    'Plain marinara',
  ]);
  await waitFor(() => expect(asked[0]).toMatchObject({ batchId: 'b1', measured: { sharper: 0 } }));
  await userEvent.selectOptions(pick, 'Plain marinara');
  await waitFor(() => expect(asked.at(-1)).toMatchObject({ formulaId: 'plain', schools: [] }));
});

it('shows no other pot where the one of the address is off the heat', async () => {
  const asked = served(refuse);
  open('/balance?pot=gone');
  expect(await screen.findByText(/This pot is off the heat/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Look at the pot' })).toHaveAttribute(
    'href',
    '/pots/gone',
  );
  expect(screen.getByLabelText('Which pot')).toHaveDisplayValue('choose');
  expect(asked).toHaveLength(0);
});

it('leads back to the plan where the one that was balanced is not at hand any more', async () => {
  served(refuse);
  open('/balance?pot=plan');
  expect(await screen.findByRole('link', { name: 'Open it under Plan' })).toBeInTheDocument();
});

it('says why where it cannot be reckoned', async () => {
  served(refuse);
  open('/balance?pot=plain');
  expect(await screen.findByText('It cannot be reckoned.')).toBeInTheDocument();
});

it('says what is still to happen, and asks anew with what is typed', async () => {
  const asked = served(() => HttpResponse.json(balance()));
  open('/balance?pot=b1');
  expect(
    await screen.findByRole('heading', { name: 'Plain marinara, 6.42 kg on the stove' }),
  ).toBeInTheDocument();
  expect(screen.getByText(/It will lose 2\.50 kg more/)).toHaveTextContent(
    'It will lose 2.50 kg more, then takes hard cheese; 34 portions',
  );
  expect(screen.getByText('2.5 kg of water is still to leave')).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('pH of the pot, cooled to the room'), '4.3');
  await waitFor(() => expect(asked.at(-1)?.measured).toMatchObject({ pH: 4.3 }));
});
