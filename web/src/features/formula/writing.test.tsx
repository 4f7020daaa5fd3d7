import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { delay, http, HttpResponse } from 'msw';
import { Route, Routes, useLocation } from 'react-router';
import { expect, it } from 'vitest';
import type { FormulaSheet, FormulaView, IngredientView } from '../../api/client';
import { kitchen, serve, server, show } from '../../test/stove';
import { EditorPage } from './EditorPage';
import { Schools } from './Schools';

const good = (id: string, name: string, household = {}) =>
  ({
    id,
    content: { name, alsoCalled: [] },
    householdKilograms: household,
    retired: false,
  }) as unknown as IngredientView;
const goods = [good('onion', 'Onion', { piece: 0.15 }), good('tomato', 'Canned tomatoes')];

/** A server that keeps what is written; refusals come first. */
function shelf(...refusals: Response[]) {
  const written: { sheet: FormulaSheet; match: string | null }[] = [];
  serve({ '/api/kitchen': kitchen, '/api/pantry/ingredients': goods });
  server.use(
    // What it comes to is another test's.
    http.post('*/api/formulas/analysis', () => delay('infinite')),
    http.put('*/api/formulas/:id', async ({ request }) => {
      const { sheet } = (await request.json()) as { sheet: FormulaSheet };
      written.push({ sheet, match: request.headers.get('if-match') });
      return refusals.shift() ?? HttpResponse.json({});
    }),
  );
  return written;
}

function At() {
  return <p>at {useLocation().pathname.replace(/[0-9a-f-]{36}/, 'new')}</p>;
}
const write = async () => {
  show(
    <>
      <At />
      <Routes>
        <Route path="/formulas/write" element={<EditorPage />} />
        <Route path="*" element={null} />
      </Routes>
    </>,
    '/formulas/write',
  );
  return screen.findByLabelText('Name');
};
const stage = (at: number) => screen.getByRole('group', { name: new RegExp(`^Stage ${at}`) });
const amount = (at: number) => within(stage(at)).getAllByLabelText('How much');

it('writes a formula by the keyboard: a line, another by Enter, and the ingredient by its name', async () => {
  const written = shelf();
  await userEvent.type(await write(), 'Test sauce');
  await userEvent.type(amount(1)[0] as HTMLElement, '300 g');
  await userEvent.type(within(stage(1)).getByLabelText('Ingredient'), 'oni');
  await userEvent.click(await screen.findByRole('option', { name: 'Onion' }));
  await userEvent.type(amount(1)[0] as HTMLElement, '{Enter}');
  await waitFor(() => expect(amount(1)).toHaveLength(2));
  expect(amount(1)[1]).toHaveFocus();
  await userEvent.keyboard('2 pieces');
  await userEvent.type(within(stage(1)).getAllByLabelText('Ingredient')[1] as HTMLElement, 'onion');
  await userEvent.click(await screen.findByRole('option', { name: 'Onion' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('at /formulas/new')).toBeInTheDocument();
  expect(written[0]?.match).toBe('0');
  expect(written[0]?.sheet.name).toBe('Test sauce');
  expect(written[0]?.sheet.stages[0]?.lines).toMatchObject([
    { ingredientId: 'onion', massKilograms: 0.3, entered: '300 g' },
    { ingredientId: 'onion', massKilograms: 0.3, entered: '2 pieces' },
  ]);
});

it('says beside a line what is not understood, and cannot be saved so', async () => {
  shelf();
  await userEvent.type(await write(), 'Test sauce');
  await userEvent.type(amount(1)[0] as HTMLElement, '3');
  await userEvent.type(within(stage(1)).getByLabelText('Ingredient'), 'onion');
  await userEvent.click(await screen.findByRole('option', { name: 'Onion' }));
  expect(await screen.findByText(/Grams or pieces\? Type 3 g or 3 pieces/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
});

it('moves a line with Alt and an arrow, takes one out, and opens when it goes in', async () => {
  shelf();
  await write();
  await userEvent.type(amount(1)[0] as HTMLElement, '1 g{Enter}');
  await waitFor(() => expect(amount(1)).toHaveLength(2));
  await userEvent.keyboard('2 g');
  await userEvent.keyboard('{Alt>}{ArrowUp}{/Alt}');
  await waitFor(() =>
    expect(amount(1).map((f) => (f as HTMLInputElement).value)).toEqual(['2 g', '1 g']),
  );
  const when = within(stage(1)).getAllByRole('button', { name: /^When the line goes in/ })[0];
  await userEvent.click(when as HTMLElement);
  await userEvent.type(within(stage(1)).getByLabelText('Goes in after'), '12 min');
  await userEvent.click(
    within(stage(1)).getAllByRole('button', { name: 'Take out the line' })[1] as HTMLElement,
  );
  expect(amount(1)).toHaveLength(1);
});

it('keeps all that was typed where the server refuses the version', async () => {
  const refused = HttpResponse.json(
    {
      title: 'Conflict',
      status: 409,
      detail: 'Somebody has written a version since.',
      errors: [
        {
          pointer: '',
          code: 'c',
          message: 'Somebody has written a version since.',
          limit: '',
          remedy: 'Look at it first.',
        },
      ],
    },
    { status: 409, headers: { 'content-type': 'application/problem+json' } },
  );
  const written = shelf(refused);
  await userEvent.type(await write(), 'Test sauce');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText(/Somebody has written a version since/)).toBeInTheDocument();
  expect(screen.getByLabelText('Name')).toHaveValue('Test sauce');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('at /formulas/new')).toBeInTheDocument();
  expect(written).toHaveLength(2);
});

it('asks a question on which cooks differ, with two ways at least', async () => {
  shelf();
  await write();
  await userEvent.click(screen.getByRole('button', { name: 'Add a question of schools' }));
  expect(screen.getByRole('button', { name: 'Take out the way first way' })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: 'Another way' }));
  await userEvent.click(screen.getByRole('button', { name: 'Take out the way first way' }));
  const question = screen.getByLabelText('Question');
  await userEvent.clear(question);
  await userEvent.type(question, 'Garlic');
  expect(screen.getByLabelText('Way 1 of Garlic')).toHaveValue('second way');
  await userEvent.click(screen.getByRole('button', { name: 'Take the question out' }));
  expect(screen.queryByLabelText('Question')).toBeNull();
});

const effect = (option: string, over: object) => ({
  question: 'Milk',
  option,
  madeMassKilograms: 4,
  fatFraction: 0.06,
  sugarsFraction: 0.04,
  saltFraction: 0.009,
  fixedSeconds: 0,
  allergens: [],
  ...over,
});
const schools = (other: object): FormulaView =>
  ({
    choices: [
      {
        question: 'Milk',
        options: [
          { name: 'early', reason: 'softens the meat' },
          { name: 'none', reason: 'tastes of meat' },
        ],
      },
    ],
    chosen: [{ question: 'Milk', option: 'early' }],
    effects: [effect('early', { allergens: ['milk'] }), effect('none', other)],
  }) as unknown as FormulaView;

it('tells what another way changes in numbers, and what it brings or leaves out', () => {
  show(
    <Schools
      formula={schools({ madeMassKilograms: 3.7, fixedSeconds: -1200, saltFraction: 0.0101 })}
      onChoose={() => undefined}
      units="METRIC"
      currency="EUR"
    />,
  );
  expect(screen.getByText(/^none:/)).toHaveTextContent(
    'none: tastes of meat; −300 g of sauce, +0.11 % salt, −20 min, no milk',
  );
});

it('says that the figures hardly change where they do not', () => {
  show(
    <Schools
      formula={schools({ allergens: ['milk'] })}
      onChoose={() => undefined}
      units="METRIC"
      currency="EUR"
    />,
  );
  expect(screen.getByText(/^none:/)).toHaveTextContent('the figures hardly change');
});
