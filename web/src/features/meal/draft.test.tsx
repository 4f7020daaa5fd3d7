import { renderHook, screen, waitFor, act as acting } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import type { MealSheet, MealView } from '../../api/client';
import { kitchen, serve, server, show } from '../../test/stove';
import { Groups, SomeWithout } from './Groups';
import { MealPage } from './MealPage';
import { tables } from './beside/beside.fixtures';
import { meal, shelf } from './meal.fixtures';
import { textOf } from './useMealDraft';

const sheet: MealSheet = {
  name: 'Feast',
  packGoal: 'LEAST_COST',
  dishes: [
    {
      formulaId: 'ragu',
      schools: [],
      covers: 12,
      servingMassKilograms: 0.12,
      servingText: '120 g',
      groups: [],
    },
  ],
};
const stored = { ...meal([]), id: 'm1', version: 4, sheet } as MealView;

/** A server that keeps meals; refusals come first. */
function meals(...refusals: Response[]) {
  const kept: { sheet: MealSheet; match: string | null }[] = [];
  serve({
    '/api/kitchen': kitchen,
    '/api/meals/m1': stored,
    '/api/formulas': shelf,
    '/api/serving/tables': tables,
  });
  server.use(
    http.put('*/api/meals/m1', async ({ request }) => {
      const to = (await request.json()) as MealSheet;
      kept.push({ sheet: to, match: request.headers.get('if-match') });
      return (
        refusals.shift() ?? HttpResponse.json({ ...stored, sheet: to, version: 4 + kept.length })
      );
    }),
  );
  return kept;
}
const write = async () => {
  show(
    <Routes>
      <Route path="/meals/:id" element={<MealPage />} />
    </Routes>,
    '/meals/m1',
  );
  return screen.findByLabelText('The meal is called');
};

it('keeps every change by itself, each after the version that it was kept as', async () => {
  const kept = meals();
  const name = await write();
  await userEvent.type(name, ' of herds');
  await waitFor(() => expect(kept).toHaveLength(1));
  expect(kept[0]).toMatchObject({ match: '4', sheet: { name: 'Feast of herds' } });
  await userEvent.selectOptions(screen.getByLabelText('Packs by'), 'LEAST_WASTE');
  await waitFor(() => expect(kept).toHaveLength(2));
  expect(kept[1]).toMatchObject({ match: '5', sheet: { packGoal: 'LEAST_WASTE' } });
});

it('writes nothing where it is only opened', async () => {
  const kept = meals();
  await write();
  await acting(() => new Promise((wait) => setTimeout(wait, 700)));
  expect(kept).toHaveLength(0);
});

it('keeps nothing that is not understood, and says so at its field', async () => {
  const kept = meals();
  const name = await write();
  await userEvent.clear(name);
  expect(await screen.findByText('Type a name.')).toBeInTheDocument();
  await acting(() => new Promise((wait) => setTimeout(wait, 700)));
  expect(kept).toHaveLength(0);
});

it('says what the server refuses, and keeps what is typed', async () => {
  const refused = HttpResponse.json(
    {
      title: 'Conflict',
      status: 409,
      detail: 'Somebody has changed this meal.',
      errors: [
        {
          pointer: '',
          code: 'c',
          message: 'Somebody has changed this meal.',
          limit: '',
          remedy: 'Load it anew.',
        },
      ],
    },
    { status: 409, headers: { 'content-type': 'application/problem+json' } },
  );
  meals(refused);
  const name = await write();
  await userEvent.type(name, '!');
  expect(await screen.findByText(/Somebody has changed this meal\. Load it anew/)).toBeVisible();
  expect(name).toHaveValue('Feast!');
});

it('reads servings that were stored bare in grams, whatever the kitchen weighs in', () => {
  const of = (servingText: string) => ({
    ...sheet,
    dishes: sheet.dishes.map((d) => ({ ...d, servingText })),
  });
  expect(textOf(of('120')).dishes[0]?.servingText).toBe('120 g');
  expect(textOf(of('')).dishes[0]?.servingText).toBe('120 g');
  expect(textOf(of('4 oz')).dishes[0]?.servingText).toBe('4 oz');
});

type Group = MealSheet['dishes'][number]['groups'][number];
function Eaters({ onChange, branch }: { onChange: (groups: Group[]) => void; branch?: object }) {
  const [groups, setGroups] = useState<Group[]>([]);
  const change = (to: Group[]) => {
    setGroups(to);
    onChange(to);
  };
  const made = {
    branches: groups.map(() => branch ?? { without: [] }),
  } as unknown as MealView['dishes'][0];
  return (
    <>
      <SomeWithout dish={{ groups }} change={change} />
      <Groups dish={{ groups }} made={made} units="METRIC" change={change} />
    </>
  );
}

it('counts eaters who leave something out, and keeps the last number while none is typed', async () => {
  const changed = vi.fn();
  show(<Eaters onChange={changed} />);
  await userEvent.selectOptions(screen.getByLabelText('Some eat without'), 'fish');
  expect(changed).toHaveBeenLastCalledWith([
    { name: 'without fish', covers: 1, avoid: [{ kind: 'ALLERGEN', key: 'FISH' }] },
  ]);
  expect(screen.getByText('They eat what everybody eats.')).toBeInTheDocument();
  const many = screen.getByLabelText('How many without fish');
  await userEvent.clear(many);
  expect(screen.getByText('a number of people')).toBeInTheDocument();
  await userEvent.type(many, '3');
  expect(changed).toHaveBeenLastCalledWith([expect.objectContaining({ covers: 3 })]);
  await userEvent.click(screen.getByRole('button', { name: 'Take out without fish' }));
  expect(changed).toHaveBeenLastCalledWith([]);
});

it('says when their share leaves the pot, with what it goes on, and warns of what stays in', async () => {
  const branch = {
    leavesBefore: 'Finish',
    without: [],
    shareMassKilograms: 0.36,
    afterSeconds: 1200,
    swaps: [],
    warnings: ['Anchovy is in the base already.'],
  };
  show(<Eaters onChange={vi.fn()} branch={branch} />);
  await userEvent.selectOptions(screen.getByLabelText('Some eat without'), 'fish');
  expect(screen.getByText(/out of the common pot/)).toHaveTextContent(
    'Take 360 g out of the common pot before ‘Finish’, minute 20; it goes on by itself.',
  );
  expect(screen.getByRole('alert')).toHaveTextContent('Anchovy is in the base already.');
});

it('has a line of its own for each dish that a meal names twice', () => {
  const twice = { ...sheet, dishes: [...sheet.dishes, ...sheet.dishes] };
  const { result } = renderHook(() => textOf(twice).dishes.map((d) => d.key));
  expect(new Set(result.current).size).toBe(2);
});

it('keeps a window of plates, and says what is no window', async () => {
  const kept = meals();
  await write();
  const hours = screen.getByLabelText('Plates go out at');
  await userEvent.type(hours, '19:00-20');
  expect(await screen.findByText('Type one hour, or two: 19:00-20:30.')).toBeVisible();
  await userEvent.type(hours, ':30');
  await waitFor(() =>
    expect(kept.at(-1)?.sheet).toMatchObject({
      servedLocalTime: '19:00',
      servedUntilLocalTime: '20:30',
    }),
  );
  expect(textOf({ ...sheet, servedLocalTime: '19:00', servedUntilLocalTime: '20:30' }).served).toBe(
    '19:00-20:30',
  );
});
