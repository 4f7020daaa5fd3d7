import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { IngredientView, StockItem } from '../../api/client';
import { file, itIs, kitchen, problem, show, standIn } from '../../test/stove';
import { AvoidList } from './AvoidList';
import { Stock } from './Stock';
import { StockForm } from './StockForm';
import { TableIn } from './TableIn';
import { contentOf, formOf, keyOf } from './ingredientForm';

beforeEach(() => itIs('2026-03-02T17:00:00Z'));
afterEach(() => vi.unstubAllGlobals());

const content = {
  name: 'Passata',
  labelRead: false,
  kind: 'TOMATO',
  waterFraction: 0.91,
  alcoholFraction: 0,
  proteinFraction: 0.013,
  fatFraction: 0.001,
  carbohydrateFraction: 0.06,
  fibreFraction: 0.015,
  saltFraction: 0.002,
  sugarsFraction: 0.045,
  spoonDensityKilogramsPerCubicMeter: 1035,
  edibleFraction: 1,
  sulphitesMilligramsPerKilogram: 0,
  allergens: [],
  traits: [],
  alsoCalled: ['sieved tomatoes'],
  packs: [{ name: '700 g bottle', netMassKilograms: 0.7, price: 1.5, loose: false }],
  source: 'label',
};
const passata = {
  id: 'passata',
  content,
  care: { openedDays: 4 },
  retired: false,
  version: 1,
} as unknown as IngredientView;
const cream = {
  id: 'cream',
  content: { ...content, name: 'Cream', kind: 'DAIRY' },
  care: { openedDays: 3 },
  retired: false,
  version: 1,
} as unknown as IngredientView;
const json = (body: unknown) =>
  new Response(JSON.stringify(body), {
    status: 200,
    headers: { 'content-type': 'application/json' },
  });
const lot = (id: string, useBy?: string): StockItem => ({
  id,
  ingredientId: 'passata',
  massKilograms: 0.4,
  massText: '400 g',
  note: 'door side',
  version: 1,
  openedOn: '2026-02-28',
  ...(useBy ? { useBy } : {}),
});

const toNineFigures = (of: object): unknown =>
  JSON.parse(
    JSON.stringify(of, (_, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(9)) : v)),
  );

describe('the form of an ingredient', () => {
  it('brings an ingredient through unchanged', () => {
    const { content: again, faults } = contentOf(formOf(passata), passata);
    expect([...faults]).toEqual([]);
    expect(toNineFigures({ ...again, spoonDensityKilogramsPerCubicMeter: 1035 })).toEqual(content);
    expect(again?.spoonDensityKilogramsPerCubicMeter).toBeCloseTo(1035, -1);
  });

  it('names every field that it cannot mean, and makes nothing of it', () => {
    const form = {
      ...formOf(passata),
      name: ' ',
      water: 'wet',
      fat: '-2 %',
      packs: [{ name: 'tub', net: 'big', price: 'cheap', loose: false }],
    };
    const { content: none, faults } = contentOf(form, passata);
    expect(none).toBeUndefined();
    expect([...faults.keys()].sort()).toEqual([
      'fat',
      'name',
      'packs.0.net',
      'packs.0.price',
      'water',
    ]);
  });

  it('leaves empty packs out and calls what is weighed loose', () => {
    const { content: made } = contentOf(
      {
        ...formOf(passata),
        packs: [
          { name: '', net: '', price: '', loose: false },
          { name: 'sack', net: '1 kg', price: '', loose: true },
        ],
      },
      undefined,
    );
    expect(made?.packs).toEqual([{ name: 'loose', netMassKilograms: 1, loose: true }]);
  });

  it.each([
    ['Crème fraîche, thick', 'creme-fraiche-thick'],
    ['  00 flour! ', '00-flour'],
    ['ñandú', 'nandu'],
  ])('makes a key of %s', (name, key) => expect(keyOf(name)).toBe(key));
});

describe('the stock', () => {
  it.each([
    [undefined, ''],
    ['2026-03-01', 'past its day since 2026-03-01'],
    ['2026-03-02', 'use it today'],
    ['2026-03-03', 'use it by tomorrow'],
    ['2026-03-06', 'use it by 2026-03-06, in 4 days'],
  ])('says how long something due %s keeps', async (useBy, words) => {
    standIn(json([lot('a', useBy)]));
    show(<Stock goods={[passata]} kitchen={kitchen} />);
    const row = await screen.findByRole('listitem');
    expect(row).toHaveTextContent('400 g Passata, door side');
    if (words) expect(row).toHaveTextContent(`open, ${words}`);
    else expect(row).not.toHaveTextContent('open');
  });

  it('takes out what is gone and puts it back', async () => {
    const asked = standIn(
      json([lot('a')]),
      json({ ...lot('a'), version: 2 }),
      json([]),
      json({ ...lot('a'), version: 3 }),
      json([lot('a')]),
    );
    show(<Stock goods={[passata]} kitchen={kitchen} />);
    await userEvent.click(await screen.findByRole('button', { name: 'Passata is gone' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Put it back' }));
    await waitFor(() =>
      expect(asked.filter((a) => a.path === '/api/pantry/stock/a/gone')).toHaveLength(2),
    );
  });

  it('dates an opened pack, says how long it keeps, and holds what is typed when it is refused', async () => {
    const asked = standIn(
      problem(422, '/massKilograms', 'That is too much.', 'Type less.'),
      json(lot('b')),
    );
    const onClose = vi.fn();
    show(
      <StockForm goods={[passata, cream]} kitchen={kitchen} today="2026-03-02" onClose={onClose} />,
    );
    await userEvent.type(screen.getByLabelText('What'), 'pass{Enter}');
    expect(screen.getByText('the pack is open: 4 days, chilled')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('How much'), '1 lb');
    await userEvent.click(screen.getByRole('button', { name: 'Put in' }));
    expect(await screen.findByText(/That is too much/)).toBeInTheDocument();
    expect(screen.getByLabelText('How much')).toHaveValue('1 lb');
    expect(asked[0]?.body).toMatchObject({
      ingredientId: 'passata',
      massText: '1 lb',
      openedOn: '2026-03-02',
    });
    await userEvent.click(screen.getByRole('button', { name: 'Put in' }));
    await waitFor(() => expect(onClose).toHaveBeenCalled());
  });
});

it('avoids a trait, an allergen or an ingredient, and allows it again', async () => {
  const garlic = { kind: 'TRAIT', key: 'GARLIC' };
  const asked = standIn(
    json({ version: 1, avoid: [] }),
    json({ version: 2, avoid: [garlic] }),
    json({ version: 3, avoid: [] }),
  );
  show(<AvoidList goods={[passata, cream]} />);
  const region = within(screen.getByRole('region', { name: 'This kitchen avoids' }));
  await userEvent.selectOptions(region.getByLabelText('Avoid also'), 'TRAIT GARLIC');
  await userEvent.click(await region.findByRole('button', { name: 'Allow garlic' }));
  await waitFor(() =>
    expect(asked.filter((a) => a.path === '/api/pantry/avoided').map((a) => a.body)).toEqual([
      {},
      [garlic],
      [],
    ]),
  );
  expect(region.getByRole('option', { name: 'Cream' })).toBeInTheDocument();
});

it('says that another device changed what is avoided, and shows what it holds now', async () => {
  const pork = { kind: 'TRAIT', key: 'PORK' };
  standIn(
    json({ version: 1, avoid: [] }),
    problem(409, '', 'Somebody else changed it.', 'Look at it.'),
    json({ version: 2, avoid: [pork] }),
  );
  show(<AvoidList goods={[passata, cream]} />);
  await userEvent.selectOptions(screen.getByLabelText('Avoid also'), 'TRAIT GARLIC');
  expect(await screen.findByText(/Somebody else changed it/)).toBeInTheDocument();
  expect(await screen.findByRole('button', { name: 'Allow pork' })).toBeInTheDocument();
});

it('takes a table in and reports every row that it refused', async () => {
  const asked = standIn(
    json({ taken: 3, unchanged: 1, faults: [{ line: 4, column: 'water', what: 'more than all' }] }),
  );
  show(<TableIn />);
  await userEvent.upload(screen.getByLabelText('Pantry table'), file('id,name\n', 'pantry.csv'));
  const dialog = within(await screen.findByRole('dialog'));
  expect(dialog.getByText('3 rows taken in, 1 said nothing new, 1 refused.')).toBeInTheDocument();
  expect(dialog.getByText('Line 4, water: more than all')).toBeInTheDocument();
  expect(asked[0]?.body).toEqual({ text: 'id,name\n' });
});
