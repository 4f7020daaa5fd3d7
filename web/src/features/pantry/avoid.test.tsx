import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { file, itIs, problem, show, standIn } from '../../test/stove';
import { AvoidList } from './AvoidList';
import { TableIn } from './TableIn';
import { passata, cream, json } from './pantry.fixtures';

beforeEach(() => itIs('2026-03-02T17:00:00Z'));
afterEach(() => vi.unstubAllGlobals());

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
