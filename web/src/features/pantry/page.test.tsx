import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it } from 'vitest';
import { kitchen, serve, show } from '../../test/stove';
import { PantryPage } from './PantryPage';

const good = (name: string, kind: string, to: object = {}, content: object = {}) => ({
  id: name,
  own: false,
  retired: false,
  solidsFraction: 0.2,
  ...to,
  content: { name, kind, alsoCalled: [], allergens: [], asks: [], packs: [], ...content },
});
const page = (stock: unknown[] = []) => {
  serve({
    '/api/kitchen': kitchen,
    '/api/pantry/ingredients': [
      good('Anchovy', 'FISH', {}, { allergens: ['FISH'] }),
      good('Basil', 'HERB', {}, { alsoCalled: ['sweet basil'] }),
      good('Old stock', 'STOCK', { retired: true }),
    ],
    '/api/pantry/stock': stock,
  });
  show(<PantryPage />);
};

beforeEach(() => sessionStorage.clear());

it('counts what is in use, and says what each carries', async () => {
  page();
  expect(await screen.findByText(/^2 ingredients;/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: /Anchovy/ })).toHaveTextContent('fish');
  expect(screen.getByText(/Old stock, put away/)).toBeInTheDocument();
});

it('is found by any of its names', async () => {
  page();
  const find = await screen.findByLabelText('Find an ingredient');
  await userEvent.type(find, 'SWEET');
  expect(await screen.findByRole('button', { name: /Basil/ })).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: /Anchovy/ })).not.toBeInTheDocument();
  await userEvent.clear(find);
  await userEvent.type(find, 'moon dust');
  expect(await screen.findByText(/Nothing of that name/)).toBeInTheDocument();
});

it('opens a blank one to be written down', async () => {
  page();
  await userEvent.click(await screen.findByRole('button', { name: 'Add an ingredient' }));
  expect(screen.getByRole('dialog', { name: 'Add an ingredient' })).toBeInTheDocument();
});
