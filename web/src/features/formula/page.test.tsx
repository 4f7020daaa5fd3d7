import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes, useLocation } from 'react-router';
import { expect, it } from 'vitest';
import type { FormulaView } from '../../api/client';
import { kitchen, problem, serve, server, show } from '../../test/stove';
import { FormulaPage } from './FormulaPage';

const formula = (over: object = {}): FormulaView =>
  ({
    id: 'f1',
    name: 'Snowline ragù',
    inShort: 'with late milk',
    version: 3,
    latestVersion: 3,
    own: true,
    retired: false,
    uses: ['DRY_PASTA'],
    unread: [],
    targetSolidsFraction: 0.13,
    choices: [
      {
        question: 'Milk',
        options: [
          { name: 'early', reason: 'softens' },
          { name: 'none', reason: 'tastes of meat' },
        ],
      },
    ],
    chosen: [{ question: 'Milk', option: 'early' }],
    effects: [],
    stages: [],
    analysis: {
      madeMassKilograms: 3.4,
      goneMassKilograms: 1.2,
      solidsFraction: 0.13,
      startSolidsFraction: 0.09,
      saltFraction: 0.009,
      saltRangeFraction: 0.12,
      cost: 17,
      tastes: [],
      ribbon: [],
      warnings: [{ code: 'w', text: 'The milk goes in late.' }],
      workings: [],
      avoided: [],
      declaration: { allergens: [], asked: [], diets: [], unknown: [], inWords: '' },
    },
    ...over,
  }) as unknown as FormulaView;

function Planned() {
  const { pathname, state } = useLocation();
  return <p>{`${pathname} ${JSON.stringify(state)}`}</p>;
}
const page = async (over: object = {}, at = '/formulas/f1') => {
  serve({ '/api/kitchen': { ...kitchen, settings: { ...kitchen.settings, currency: 'EUR' } } });
  const asked: object[] = [];
  server.use(
    http.post('*/api/formulas/f1/reading', async ({ request }) => {
      asked.push((await request.json()) as object);
      return HttpResponse.json(formula(over));
    }),
  );
  show(
    <Routes>
      <Route path="/formulas/:id" element={<FormulaPage />} />
      <Route path="/plan" element={<Planned />} />
    </Routes>,
    at,
  );
  await screen.findByRole('heading', { level: 1, name: 'Snowline ragù' });
  return asked;
};

it('says what it comes to, what it costs a kilogram, and what to look out for', async () => {
  await page();
  const comes = screen.getByRole('region', { name: 'What it comes to' });
  expect(comes).toHaveTextContent('Sauce3.40kg');
  expect(comes).toHaveTextContent('Salt0.9%± 12 % as goods vary');
  expect(comes).toHaveTextContent('5.00 EUR a kg, by the cheapest packs');
  expect(screen.getByText('The milk goes in late.')).toBeInTheDocument();
  expect(screen.getByText(/with late milk · version 3 · for/)).toBeInTheDocument();
});

it('is asked for anew by the way that is chosen, and takes it along to the plan', async () => {
  const asked = await page();
  await userEvent.click(screen.getByRole('radio', { name: 'none' }));
  await waitFor(() =>
    expect(asked.at(-1)).toEqual({ schools: [{ question: 'Milk', option: 'none' }] }),
  );
  await userEvent.click(screen.getByRole('link', { name: 'Plan a batch' }));
  expect(
    screen.getByText('/plan {"formulaId":"f1","schools":[{"question":"Milk","option":"none"}]}'),
  ).toBeInTheDocument();
});

it('names what nobody has read, and that it is not cooked until it is', async () => {
  await page({ unread: ['a knob of butter', 'some wine'] });
  const alert = screen.getByRole('alert');
  expect(alert).toHaveTextContent('Unfinished: ‘a knob of butter’, ‘some wine’ are not read.');
  expect(within(alert).getByRole('link', { name: 'open the editor' })).toHaveAttribute(
    'href',
    '/formulas/f1/edit',
  );
});

it('shows an earlier version as one, with the way to the latest', async () => {
  await page({ version: 1 }, '/formulas/f1?version=1');
  expect(screen.getByText(/This is version 1\./)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Version 3' })).toHaveAttribute('href', '/formulas/f1');
  expect(screen.getByText(/Other versions:/)).toHaveTextContent('Other versions: 23');
  expect(screen.queryByRole('button', { name: 'Hide it' })).toBeNull();
});

it('makes a shipped one ours instead of changing it, and balances no part of a dish', async () => {
  await page({ own: false, targetSolidsFraction: undefined });
  expect(screen.getByRole('link', { name: 'Make it ours' })).toBeInTheDocument();
  expect(screen.queryByRole('link', { name: 'Balance it' })).toBeNull();
  expect(screen.queryByRole('link', { name: 'Plan a batch' })).toBeNull();
  expect(screen.getByText(/version 3, shipped/)).toBeInTheDocument();
});

it('is hidden and put back on the shelf, and says why where it cannot be', async () => {
  await page();
  const asked: string[] = [];
  const answers = [
    problem(409, '', 'A meal is made of it.', 'Change the meal first.'),
    HttpResponse.json({}),
  ];
  server.use(
    http.put('*/api/formulas/f1/retired', ({ request }) => {
      asked.push(new URL(request.url).search);
      return answers.shift();
    }),
  );
  const hide = screen.getByRole('button', { name: 'Hide it' });
  await userEvent.click(hide);
  expect(await screen.findByText(/A meal is made of it/)).toBeInTheDocument();
  await userEvent.click(hide);
  await waitFor(() => expect(asked).toEqual(['?retired=true', '?retired=true']));
});
