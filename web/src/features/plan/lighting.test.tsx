import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { expect, it, vi } from 'vitest';
import type { FormulaSummary, KitchenView, PlanRequest } from '../../api/client';
import { problem, show, standIn } from '../../test/stove';
import { ActButton } from '../../ui/ActButton';
import { UndoOffer } from '../../ui/UndoOffer';
import { FIRST, type PlanForm, type PotShare } from './form';
import { useLighting } from './useLighting';
import type { PlannedBatch } from './usePlanned';

const burner = (id: string, powerIntoPotWatts: number) => ({ id, name: id, powerIntoPotWatts });
const kitchen = {
  heatSources: [burner('small', 1500), burner('big', 4000), burner('middle', 2500)],
} as unknown as KitchenView;
const formula = { id: 'ragu', name: 'Ridge ragù' } as FormulaSummary;
const request = { formulaId: 'ragu', vesselId: 'tall', heatSourceId: 'small' } as PlanRequest;
const shares = [
  { vesselId: 'tall', covers: 40 },
  { vesselId: 'wide', covers: 30.4 },
] as unknown as PlannedBatch['shares'];

function Lighting({ change, form }: { change: (to: Partial<PlanForm>) => void; form: PlanForm }) {
  const taken = new Map([['big', {}]]) as unknown as PlannedBatch['taken'];
  const batch = { request, shares, taken } as unknown as PlannedBatch;
  const { start, startAll, notLit, sharesFault, freeBurners } = useLighting({
    kitchen,
    formula,
    form,
    change,
    batch,
  });
  return (
    <>
      <p>at {useLocation().pathname}</p>
      <p>{freeBurners} free</p>
      <ActButton onAct={() => start()}>Light</ActButton>
      <ActButton onAct={() => start('17:40', true)}>Lit earlier</ActButton>
      <ActButton onAct={startAll}>Light all</ActButton>
      <p role="alert">{(notLit?.error ?? sharesFault)?.summary}</p>
      {notLit && <p>asked again with {notLit.lit}</p>}
    </>
  );
}

const plan = (form: Partial<PlanForm> = {}) => {
  const change = vi.fn();
  show(
    <UndoOffer>
      <Lighting change={change} form={{ ...FIRST, ...form }} />
    </UndoOffer>,
    '/plan',
  );
  return change;
};
const lit = (asked: ReturnType<typeof standIn>) => asked.filter((a) => a.path === '/api/batches');

it('lights the pot that is planned, goes to it, and plans the next share', async () => {
  const asked = standIn();
  const other: PotShare = { vesselId: 'wide', covers: 30, lit: false };
  const first: PotShare = { vesselId: 'tall', covers: 40, lit: false };
  const change = plan({ shares: [first, other], covers: '40' });
  await userEvent.click(screen.getByRole('button', { name: 'Light' }));
  await waitFor(() => expect(lit(asked)).toHaveLength(1));
  const { id } = lit(asked)[0]?.body as { id: string };
  expect(lit(asked)[0]?.body).toMatchObject({ plan: request, timeScale: 1, sharesHeat: false });
  expect(await screen.findByText(`at /pots/${id}`)).toBeInTheDocument();
  expect(change).toHaveBeenCalledWith(
    expect.objectContaining({ covers: '30', vesselId: 'wide', heatSourceId: '' }),
  );
});

it('goes back to the plan as it was where the lighting was not meant', async () => {
  const asked = standIn();
  const change = plan({ covers: '27' });
  await userEvent.click(screen.getByRole('button', { name: 'Light' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Take it back' }));
  expect(await screen.findByText('at /plan')).toBeInTheDocument();
  expect(asked.at(-1)?.path).toMatch(/\/take-backs$/);
  expect(change).toHaveBeenLastCalledWith(expect.objectContaining({ covers: '27' }));
});

it('keeps the hour with which it was refused, so that it is not asked again', async () => {
  const asked = standIn(problem(409, '', 'The small burner heats another pot.', 'Share it.'));
  plan();
  await userEvent.click(screen.getByRole('button', { name: 'Lit earlier' }));
  expect(await screen.findByText('asked again with 17:40')).toBeInTheDocument();
  expect(screen.getByRole('alert')).toHaveTextContent('The small burner heats another pot.');
  expect(lit(asked)[0]?.body).toMatchObject({
    sharesHeat: true,
    stamp: { happenedLocalTime: '17:40' },
  });
  expect(screen.getByText('at /plan')).toBeInTheDocument();
});

it('lights every share on a free burner of its own, the strongest first', async () => {
  const asked = standIn();
  plan();
  expect(screen.getByText('2 free')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Light all' }));
  await waitFor(() => expect(lit(asked)).toHaveLength(2));
  expect(lit(asked).map((a) => a.body['plan'])).toEqual([
    { ...request, sizedBy: 'COVERS', covers: 40, vesselId: 'tall', heatSourceId: 'middle' },
    { ...request, sizedBy: 'COVERS', covers: 30, vesselId: 'wide', heatSourceId: 'small' },
  ]);
  expect(await screen.findByText(/2 pots of Ridge ragù are lit/)).toBeInTheDocument();
});

it('leaves lit what is lit where a later pot is refused, and says why', async () => {
  const created = new Response('{}', { status: 201 });
  standIn(created, problem(422, '/plan/vesselId', 'That pot is in use.', 'Choose another.'));
  const change = plan();
  await userEvent.click(screen.getByRole('button', { name: 'Light all' }));
  expect(await screen.findByText('That pot is in use. Choose another.')).toBeInTheDocument();
  expect(change).toHaveBeenCalledWith({
    shares: [
      expect.objectContaining({ vesselId: 'tall', lit: true }),
      expect.objectContaining({ vesselId: 'wide', lit: false }),
    ],
  });
  expect(screen.getByText(/1 pot of Ridge ragù is lit/)).toBeInTheDocument();
  expect(screen.getByText('at /plan')).toBeInTheDocument();
});
