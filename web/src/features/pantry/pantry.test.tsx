import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { itIs, kitchen, problem, show, standIn } from '../../test/stove';
import { Stock } from './Stock';
import { StockForm } from './StockForm';
import { contentOf, formOf, keyOf } from './ingredientForm';
import { content, passata, cream, json, lot, toNineFigures } from './pantry.fixtures';

beforeEach(() => itIs('2026-03-02T17:00:00Z'));
afterEach(() => vi.unstubAllGlobals());

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
    ['2026-03-06', 'use it by Fri 6 Mar, in 4 days'],
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
