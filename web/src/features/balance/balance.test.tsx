import { all } from '../../api/outbox/store';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { balanceOf } from '../../api/balance';
import type { BalanceView, RemedyView } from '../../api/client';
import { kitchen, problem, show, standIn } from '../../test/stove';
import { Cups } from './Cups';
import { Decide } from './Decide';
import { Remedies } from './Remedies';
import { parsePH, pointerOf, understand, type BalanceForm } from './form';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

const asItIs = { key: 'as-it-is', doses: [], note: '' };
const withSoda = {
  key: 's',
  note: 'flat',
  doses: [{ ingredientId: 'baking-soda', name: 'Baking soda', massKilograms: 0.0034 }],
};
const form: BalanceForm = {
  pH: '',
  brix: '',
  sharper: 0,
  plate: [],
  portion: '',
  saltId: 'table-salt',
  fault: 'SHARP',
  steps: 1,
  finish: { ingredientId: '', text: '' },
  cup: '150 g',
  tasters: '3',
  cups: [asItIs, withSoda],
  ready: [],
};
const drops = {
  ingredientId: 'baking-soda',
  name: 'Baking soda',
  count: 16,
  measure: 'DROP',
  solution: 10,
  inCupKilograms: 0.00008,
  forPotKilograms: 0.00342,
};
const beads = {
  saltFraction: 0.009,
  acidFraction: 0.0067,
  sourFraction: 0.0047,
  sugarsFraction: 0.042,
  savoury: 1.5,
  fatFraction: 0.06,
  pH: 4.2,
  pHHolds: true,
  sugarToAcid: 6.3,
  sharpness: 0.4,
};
const butter: RemedyView = {
  title: 'Butter, off the heat',
  tells: 'masks',
  atTheEnd: true,
  dose: {
    ingredientId: 'butter',
    name: 'Butter',
    massKilograms: 0.128,
    reaches: false,
    after: { ...beads, fatFraction: 0.08 },
    solidsFraction: 0.1,
    madeKilograms: 4,
    moreSodiumKilograms: 0,
    allergens: ['milk'],
    avoided: true,
  },
};
const balance = (over: object = {}) =>
  ({
    title: 'Marinara',
    massKilograms: 6.42,
    now: beads,
    after: beads,
    remedies: [butter],
    cups: [[], [drops]],
    ...over,
  }) as unknown as BalanceView;

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

it('keeps a trial once a cup is chosen, and has the pot’s dose ready to weigh', async () => {
  const none = () => new Response('[]', { headers: { 'content-type': 'application/json' } });
  const asked = standIn(none(), none());
  const change = vi.fn();
  const { rerender } = show(
    <Decide form={form} balance={balance()} batchId="b1" units="METRIC" change={change} />,
  );
  expect(screen.getByRole('button', { name: 'Keep this trial' })).toBeDisabled();
  rerender(<></>);
  show(
    <Decide
      form={{ ...form, chosen: 's' }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={change}
    />,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Keep this trial' }));
  await waitFor(() => expect(change).toHaveBeenCalled());
  expect(asked.find((a) => a.path.endsWith('cup-trials'))).toMatchObject({
    path: '/api/batches/b1/cup-trials',
    body: {
      cupKilograms: 0.15,
      potKilograms: 6.42,
      tasters: 3,
      chosen: 1,
      cups: [{ doses: [], note: '' }, { note: 'flat' }],
    },
  });
  expect(change.mock.calls[0]?.[0].ready).toEqual([
    { ingredientId: 'baking-soda', name: 'Baking soda', massKilograms: 0.00342 },
  ]);
});

it('puts the weighed dose into the pot, and keeps it ready when that is refused', async () => {
  const ready = [{ ingredientId: 'butter', name: 'Butter', massKilograms: 0.125 }];
  const open = [{ id: 'p1', closed: false, cups: [{ what: 'as it is' }, { what: '9 g lemon' }] }];
  const asked = standIn(
    new Response(JSON.stringify(open), { headers: { 'content-type': 'application/json' } }),
    problem(422, '/massKilograms', 'Too much.', 'Take less.'),
  );
  const change = vi.fn();
  show(
    <Decide
      form={{ ...form, ready }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={change}
    />,
  );
  expect(await screen.findByRole('link', { name: 'as it is, 9 g lemon' })).toHaveAttribute(
    'href',
    '/panels/p1',
  );
  const box = within(screen.getByRole('group', { name: 'Ready to weigh' }));
  expect(box.getByText('125 g')).toBeInTheDocument();
  await userEvent.click(box.getByRole('button', { name: 'Butter is in the pot' }));
  expect(await screen.findByText('Too much. Take less.')).toBeInTheDocument();
  expect(change).not.toHaveBeenCalled();
  await userEvent.click(box.getByRole('button', { name: 'Butter is in the pot' }));
  await waitFor(() => expect(change).toHaveBeenCalledWith({ ready: [] }));
  expect(asked.at(-1)).toMatchObject({
    path: '/api/batches/b1/additions',
    body: { ingredientId: 'butter', massKilograms: 0.125 },
  });
});

it('doses once however often it is pressed while the answer is awaited', async () => {
  const fetch = vi.fn((to: Request) =>
    to.method === 'GET'
      ? Promise.resolve(new Response('[]', { headers: { 'content-type': 'application/json' } }))
      : new Promise<Response>(() => undefined),
  );
  vi.stubGlobal('fetch', fetch);
  show(
    <Decide
      form={{ ...form, ready: [{ ingredientId: 'butter', name: 'Butter', massKilograms: 0.125 }] }}
      balance={balance()}
      batchId="b1"
      units="METRIC"
      change={vi.fn()}
    />,
  );
  const button = screen.getByRole('button', { name: 'Butter is in the pot' });
  await userEvent.click(button);
  expect(button).toBeDisabled();
  button.click();
  await waitFor(() =>
    expect(fetch.mock.calls.filter(([to]) => to.url.endsWith('/additions'))).toHaveLength(1),
  );
  expect((await all()).filter((e) => e.path.endsWith('/additions'))).toHaveLength(1);
});
