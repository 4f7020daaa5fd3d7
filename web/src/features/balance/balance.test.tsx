import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { balanceOf } from '../../api/balance';
import type { RemedyView } from '../../api/client';
import { kitchen, show, standIn } from '../../test/stove';
import { Cups } from './Cups';
import { Remedies } from './Remedies';
import { parsePH, pointerOf, understand } from './form';
import { asItIs, form, drops, butter, balance } from './balance.fixtures';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('reads what was typed and leaves out what was not understood, said beside its field', () => {
  const typed = {
    ...form,
    pH: '4,25',
    brix: '5.2',
    portion: 'lots',
    plate: [
      { ingredientId: 'hard-cheese', text: '8 g' },
      { ingredientId: 'capers', text: 'some' },
    ],
    tasters: 'many',
  };
  const { request, faults } = understand(typed, { batchId: 'b1' }, kitchen);
  expect(request.measured).toEqual({
    sharper: 0,
    pH: 4.25,
    brixFraction: expect.closeTo(0.052, 9),
  });
  expect(request.plate).toEqual([{ ingredientId: 'hard-cheese', massKilograms: 0.008 }]);
  expect(request.batchId).toBe('b1');
  expect(request.cups).toEqual({
    cupKilograms: 0.15,
    cups: [[], [{ ingredientId: 'baking-soda', massKilograms: 0.0034 }]],
  });
  expect(Object.keys(faults).sort()).toEqual(['plate.1', 'portion', 'tasters']);
});

it.each([
  ['12', true],
  ['sour', true],
  ['', true],
  ['4.3', false],
  ['4,30', false],
])('takes a pH of %s or says what it takes', (text, refused) => {
  expect(typeof parsePH(text) === 'string').toBe(refused);
});

it('knows each field by the name that the server gives it', () => {
  expect(pointerOf('plate.2')).toBe('/plate/2/massKilograms');
  expect(pointerOf('pH')).toBe('/measured/pH');
  expect(balanceOf({ formulaId: 'x', schools: [] })).toMatchObject({
    formulaId: 'x',
    saltId: 'table-salt',
  });
});

it('says what each remedy does, what is in vain and where to stop, and puts a dose into a cup', async () => {
  standIn(
    new Response(
      JSON.stringify([
        { fault: 'SHARP', words: 'it tastes sharp' },
        { fault: 'FLAT', words: 'it tastes flat' },
      ]),
      { headers: { 'content-type': 'application/json' } },
    ),
  );
  const act = (title: string, kind: 'IN_VAIN' | 'STOP'): RemedyView => ({
    title,
    tells: 'so',
    atTheEnd: false,
    act: kind,
  });
  const onCup = vi.fn();
  const onFault = vi.fn();
  const onLook = vi.fn();
  show(
    <Remedies
      balance={balance({
        remedies: [butter, act('A potato', 'IN_VAIN'), act('It tastes burnt', 'STOP')],
      })}
      fault="SHARP"
      steps={1}
      units="METRIC"
      onFault={onFault}
      onSteps={vi.fn()}
      onCup={onCup}
      lookedAt={undefined}
      onLook={onLook}
    />,
  );
  expect(screen.getByText('In vain: a potato')).toBeInTheDocument();
  expect(screen.getByText('Stop: it tastes burnt')).toBeInTheDocument();
  expect(screen.getByText('not enough by itself:')).toBeInTheDocument();
  expect(screen.getByText(/this kitchen leaves it out/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Try Butter, off the heat in a cup' }));
  expect(onCup).toHaveBeenCalledWith(butter);
  await userEvent.click(screen.getByRole('button', { name: 'Butter, off the heat' }));
  expect(onLook).toHaveBeenCalledWith('Butter, off the heat');
  await screen.findByText('it tastes flat');
  await userEvent.selectOptions(screen.getByLabelText('Fault'), 'FLAT');
  expect(onFault).toHaveBeenCalledWith('FLAT');
});

it('asks for drops of a solution that it describes, never for a dust of soda', async () => {
  const change = vi.fn();
  show(
    <Cups
      form={form}
      balance={balance()}
      units="METRIC"
      faultAt={() => undefined}
      change={change}
    />,
  );
  expect(screen.getByText('16 drops soda water')).toBeInTheDocument();
  expect(screen.getByText('of 10 g in 100 ml water · pot: 3.4 g')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Choose baking soda' }));
  expect(change).toHaveBeenCalledWith({ chosen: 's' });
  await userEvent.click(screen.getByRole('button', { name: 'Pour away baking soda' }));
  expect(change).toHaveBeenCalledWith({ cups: [asItIs] });
  expect(screen.queryByRole('button', { name: 'Pour away as it is' })).toBeNull();
});

it('says in the cup when it is too small to be dosed', () => {
  show(
    <Cups
      form={form}
      balance={balance({
        cups: [[], [{ ...drops, measure: undefined, tooSmall: 'So little cannot be measured.' }]],
      })}
      units="METRIC"
      faultAt={() => undefined}
      change={vi.fn()}
    />,
  );
  expect(screen.getByRole('alert')).toHaveTextContent('So little cannot be measured.');
});
