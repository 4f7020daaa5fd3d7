import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { useLocation } from 'react-router';
import { expect, it } from 'vitest';
import type { IdeaView } from '../../api/client';
import { problem, serve, server, show } from '../../test/stove';
import { Ideas } from './Ideas';

const idea = (over: object = {}) =>
  ({
    formulaId: 'ragu',
    name: 'Snowline ragù',
    covers: 19,
    servingKilograms: 0.12,
    takes: [{ what: 'Passata', massKilograms: 0.4, thereKilograms: 0.4, by: '2026-03-04' }],
    ...over,
  }) as unknown as IdeaView;
const At = () => {
  const { pathname, state } = useLocation();
  return <p>{`at ${pathname.replace(/[0-9a-f-]{36}/, 'new')} ${JSON.stringify(state)}`}</p>;
};
const ideas = (...all: IdeaView[]) => {
  serve({ '/api/lots/ideas': all });
  show(
    <>
      <At />
      <Ideas units="METRIC" />
    </>,
    '/keep',
  );
};

it('plans what uses up an open pack, for as many as it takes', async () => {
  ideas(idea());
  const first = await screen.findByRole('listitem');
  expect(first).toHaveTextContent('all 400 g passata, by Wed 4 Mar');
  await userEvent.click(within(first).getByRole('button', { name: 'Snowline ragù, for 19' }));
  expect(
    screen.getByText('at /plan {"formulaId":"ragu","schools":[],"covers":19}'),
  ).toBeInTheDocument();
});

it('begins a meal where the base comes out of tubs, and says why where it cannot', async () => {
  const base = {
    what: 'Larder base',
    massKilograms: 0.8,
    thereKilograms: 3.8,
    by: '2026-03-04',
    baseFormulaId: 'larder-base',
  };
  ideas(idea({ takes: [base] }));
  const bodies: Record<string, unknown>[] = [];
  const answers = [
    problem(409, '', 'The shelf has changed.', 'Look again.'),
    HttpResponse.json({}),
  ];
  server.use(
    http.put('*/api/meals/:id', async ({ request }) => {
      bodies.push((await request.json()) as Record<string, unknown>);
      return answers.shift();
    }),
  );
  const cook = await screen.findByRole('button', { name: 'Snowline ragù, for 19' });
  await userEvent.click(cook);
  expect(await screen.findByText(/The shelf has changed/)).toBeInTheDocument();
  await userEvent.click(cook);
  await waitFor(() => expect(screen.getByText(/^at \/meals\/new/)).toBeInTheDocument());
  expect(bodies[1]).toMatchObject({
    name: 'Snowline ragù, from tubs',
    dishes: [{ formulaId: 'ragu', baseFormulaId: 'larder-base', covers: 19, servingText: '120 g' }],
  });
});
