import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import type { IngredientView } from '../api/client';
import { show } from '../test/stove';
import { GoodsField } from './GoodsField';

const good = (id: string, name: string, alsoCalled: string[] = [], retired = false) =>
  ({ id, retired, content: { name, alsoCalled } }) as unknown as IngredientView;
const goods = [
  good('canned', 'Canned whole tomatoes'),
  good('tomato', 'Tomatoes, fresh', ['vine tomatoes']),
  good('guanciale', 'Guanciale', ['cured pork cheek']),
  good('old', 'Tomato powder', [], true),
];

function Field({ onChoose }: { onChoose: (id: string) => void }) {
  const [chosen, setChosen] = useState('');
  return (
    <GoodsField
      goods={goods}
      chosen={goods.find((g) => g.id === chosen)}
      onChoose={(id) => {
        setChosen(id);
        onChoose(id);
      }}
      fault={chosen ? undefined : 'Choose what it is.'}
    />
  );
}
const field = () => {
  const choose = vi.fn();
  show(<Field onChoose={choose} />);
  return choose;
};
const offered = () => screen.queryAllByRole('option').map((o) => o.textContent);

it('finds what begins so before what holds the word, and nothing that is out of use', async () => {
  field();
  await userEvent.type(screen.getByLabelText('Ingredient'), 'tomato');
  expect(offered()).toEqual(['Tomatoes, fresh', 'Canned whole tomatoes']);
});

it('finds it by another name and by words in any order, and takes the first by Enter', async () => {
  const choose = field();
  await userEvent.type(screen.getByLabelText('Ingredient'), 'cheek cured{Enter}');
  expect(choose).toHaveBeenCalledWith('guanciale');
  expect(screen.getByLabelText('Ingredient')).toHaveValue('Guanciale');
});

it('says what is wrong beside itself until something is chosen', async () => {
  const choose = field();
  expect(screen.getByRole('alert')).toHaveTextContent('Choose what it is.');
  expect(screen.getByLabelText('Ingredient')).toBeInvalid();
  await userEvent.type(screen.getByLabelText('Ingredient'), 'vine{Enter}');
  expect(choose).toHaveBeenCalledWith('tomato');
  expect(screen.queryByRole('alert')).toBeNull();
});
