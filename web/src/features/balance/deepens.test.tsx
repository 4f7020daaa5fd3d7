import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { show } from '../../test/stove';
import { Deepens } from './Deepens';
import { FinishWith } from './FinishWith';
import { form, goods, beads, dose, balance } from './sections.fixtures';

afterEach(() => vi.unstubAllGlobals());

it('leads a liaison to its window and says how long the pot is good after it', async () => {
  const change = vi.fn();
  const finish = {
    dose: dose(),
    how: 'tempered by spoonfuls',
    holdSeconds: 1200,
    fromCelsius: 70,
    toCelsius: 78,
    liaison: { spoonfuls: 3, bowlCelsius: 53, potCelsius: 77.6, endCelsius: 74 },
  };
  show(
    <FinishWith
      form={{ ...form, finish: { ingredientId: 'egg-yolk', text: '50 g' } }}
      balance={balance({ finish })}
      goods={goods}
      units="METRIC"
      fault={undefined}
      change={change}
    />,
  );
  expect(screen.getByText('fat 6.0 → 9.0 % · brings egg')).toBeInTheDocument();
  expect(screen.getByText(/The pot between 70 °C and 78 °C/)).toBeInTheDocument();
  expect(
    screen.getByText(/spoonfuls of hot sauce into the bowl, one by one: it comes to 53 °C/),
  ).toBeInTheDocument();
  expect(screen.getByText(/Good for 20 min hot after that/)).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('With'), 'butter');
  expect(change).toHaveBeenCalledWith({ finish: { ingredientId: 'butter', text: '50 g' } });
});

it('sets what deepens a sauce side by side, with what the kitchen leaves out, and makes cups of a side', async () => {
  const onCups = vi.fn();
  const fish = {
    atEqualSodium: dose({
      ingredientId: 'anchovies',
      name: 'Anchovies',
      massKilograms: 0.034,
      allergens: ['fish'],
      after: { ...beads, savoury: 5.2 },
    }),
    atEqualSavour: dose({
      name: 'Anchovies',
      massKilograms: 0.0176,
      after: { ...beads, saltFraction: 0.0107 },
    }),
  };
  const salt = {
    atEqualSodium: dose({
      name: 'Table salt',
      massKilograms: 0.0107,
      allergens: [],
      avoided: true,
    }),
    atEqualSavour: dose({ name: 'Table salt', reaches: false }),
  };
  show(<Deepens balance={balance({ sources: [fish, salt] })} units="METRIC" onCups={onCups} />);
  const rows = screen.getAllByRole('row').slice(1);
  expect(rows[0]).toHaveTextContent('Anchoviesfish34.0 g, savoury 5.217.6 g, salt 1.07 %');
  expect(rows[1]).toHaveTextContent('this kitchen leaves it out');
  expect(rows[1]).toHaveTextContent('more than is sensible');
  await userEvent.click(screen.getByRole('button', { name: 'Cups at equal sodium' }));
  expect(onCups).toHaveBeenCalledWith([fish.atEqualSodium]);
  expect(screen.queryByRole('button', { name: 'Cups at equal savour' })).toBeNull();
});
