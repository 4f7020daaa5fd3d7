import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { problem, show, standIn } from '../test/stove';
import { ActButton } from './ActButton';
import { UndoOffer } from './UndoOffer';
import { useUndo } from './undo';
import { useKeptWrites, useLotWrites, usePotWrites } from './useWrites';

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function Lit({ pots, onBack }: { pots: string[]; onBack: () => void }) {
  const offer = useUndo();
  const acts = pots.map((id) => ({
    of: 'batches' as const,
    id,
    by: '/take-backs' as const,
    eventId: id,
  }));
  return <button onClick={() => offer({ words: 'Marinara is lit.', acts, onBack })}>Light</button>;
}

const lit = async (onBack = vi.fn(), pots = ['b1']) => {
  show(
    <UndoOffer>
      <Lit pots={pots} onBack={onBack} />
    </UndoOffer>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Light' }));
  return onBack;
};

it('takes the lighting back and goes where it was lit from', async () => {
  const asked = standIn();
  const onBack = await lit();
  expect(screen.getByRole('status')).toHaveTextContent('Marinara is lit.');
  await userEvent.click(screen.getByRole('button', { name: 'Take it back' }));
  await waitFor(() => expect(onBack).toHaveBeenCalledOnce());
  expect(asked[0]).toMatchObject({ path: '/api/batches/b1/take-backs', body: { eventId: 'b1' } });
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});

it('takes back what was lit together as far as it can be, and says how far', async () => {
  const taken = () =>
    new Response('{}', { status: 201, headers: { 'content-type': 'application/json' } });
  const asked = standIn(
    taken(),
    problem(409, '', 'Somebody has written to this batch.', 'End it instead.'),
  );
  const onBack = await lit(vi.fn(), ['b1', 'b2', 'b3']);
  await userEvent.click(screen.getByRole('button', { name: 'Take it back' }));
  expect(
    await screen.findByText(/^2 of 3 are taken back, the rest is not\. Somebody has written/),
  ).toBeInTheDocument();
  expect(asked.map((a) => a.path)).toEqual(
    ['b3', 'b2', 'b1'].map((id) => `/api/batches/${id}/take-backs`),
  );
  expect(onBack).not.toHaveBeenCalled();
});

it('says why it is too late, and goes nowhere', async () => {
  standIn(
    problem(
      409,
      '',
      'Somebody has written to this batch since it was lit.',
      'Say that it is off the heat instead.',
    ),
  );
  const onBack = await lit();
  await userEvent.click(screen.getByRole('button', { name: 'Take it back' }));
  expect(await screen.findByText(/Somebody has written to this batch/)).toBeInTheDocument();
  expect(onBack).not.toHaveBeenCalled();
});

it('is offered for half a minute, and moves the page only at a press', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  show(
    <UndoOffer>
      <Lit pots={['b1']} onBack={vi.fn()} />
    </UndoOffer>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Light' }));
  await vi.advanceTimersByTimeAsync(26_000);
  expect(screen.getByRole('button', { name: 'Take it back' })).toBeInTheDocument();
  await vi.advanceTimersByTimeAsync(3000);
  expect(screen.queryByRole('button', { name: 'Take it back' })).not.toBeInTheDocument();
  expect(screen.getByRole('status')).toHaveTextContent('Marinara is lit.');
  await userEvent.click(document.body);
  await waitFor(() => expect(screen.queryByRole('status')).not.toBeInTheDocument());
});

function Entered() {
  const atPot = usePotWrites();
  const ofKept = useKeptWrites();
  const ofTubs = useLotWrites();
  const of = { lotId: 'l1', massKilograms: 1, massText: '1 kg' };
  const acts = {
    Stirred: () => atPot('/steps', { id: 'e9', step: 's1' }, 'b1'),
    Off: () => atPot('/finishes', { id: 'e6', enteredText: '', note: '' }, 'b1'),
    Through: () => ofKept('/stirrings', { id: 'e8' }, 'k1'),
    Over: () => ofKept('/closings', { id: 'e7', as: 'SERVED', reason: '' }, 'k1'),
    Out: () => ofKept('/set-outs', { id: 'e5', food: 'Bake', fromCold: false, ...READ }),
    Used: () => ofTubs('/uses', { id: 'e4', ...of, dish: 'a bake' }, 'l1'),
    Parted: () => ofTubs('/splits', { id: 'e3', ...of, placeId: 'p1' }, 'l1'),
    Joined: () => ofTubs('/mergers', { id: 'e2', lotIds: ['l1', 'l2'] }),
  };
  return Object.entries(acts).map(([name, act]) => (
    <ActButton key={name} onAct={act}>
      {name}
    </ActButton>
  ));
}
const READ = { celsius: 70, enteredText: '70 °C' };

const entered = async (press: string) => {
  const asked = standIn();
  show(
    <UndoOffer>
      <Entered />
    </UndoOffer>,
  );
  await userEvent.click(screen.getByRole('button', { name: press }));
  return asked;
};

it.each([
  ['Stirred', '/api/batches/b1/strike-outs', 'e9', 'A step done: written down.'],
  ['Through', '/api/keepings/k1/strike-outs', 'e8', 'A stirring: written down.'],
  ['Over', '/api/keepings/k1/take-backs', 'e7', 'The end of what was kept: written down.'],
  ['Out', '/api/keepings/e5/take-backs', 'e5', 'Something left out: written down.'],
  ['Used', '/api/lots/l1/take-backs', 'e4', 'Tubs used: written down.'],
  ['Parted', '/api/lots/e3/take-backs', 'e3', 'Tubs parted: written down.'],
  ['Joined', '/api/lots/e2/take-backs', 'e2', 'Tubs put together: written down.'],
])('goes back from what one press wrote: %s', async (press, path, eventId, words) => {
  const asked = await entered(press);
  expect(await screen.findByRole('status')).toHaveTextContent(words);
  await userEvent.click(screen.getByRole('button', { name: 'Take it back' }));
  await waitFor(() => expect(screen.queryByRole('status')).not.toBeInTheDocument());
  const struck = path.endsWith('strike-outs') ? { reason: 'taken back' } : {};
  expect(asked.at(-1)).toMatchObject({ path, body: { eventId, ...struck } });
});

it('leaves the way back from heat off to its sheet, which knows where to go', async () => {
  const asked = await entered('Off');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});
