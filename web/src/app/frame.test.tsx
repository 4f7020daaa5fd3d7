import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { show, standIn } from '../test/stove';
import { Waiting } from './Waiting';
import { KeyMap, useKeys } from '../ui/keys';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

function Screen({ weigh }: { weigh: () => void }) {
  useKeys([{ key: 'w', does: 'Weigh', act: weigh }]);
  return <input aria-label="note" />;
}

it('listens for the keys of the screen and of the places, but not while something is typed', () => {
  const weigh = vi.fn();
  const go = vi.fn();
  show(
    <KeyMap places={[{ key: '1', does: 'Go to Plan', act: go }]}>
      <Screen weigh={weigh} />
    </KeyMap>,
  );
  fireEvent.keyDown(screen.getByLabelText('note'), { key: 'w' });
  expect(weigh).not.toHaveBeenCalled();
  fireEvent.keyDown(document.body, { key: 'w' });
  fireEvent.keyDown(document.body, { key: '1' });
  fireEvent.keyDown(document.body, { key: 'w', ctrlKey: true });
  expect(weigh).toHaveBeenCalledTimes(1);
  expect(go).toHaveBeenCalledTimes(1);
});

it('shows the keys on a question mark', async () => {
  show(
    <KeyMap places={[{ key: '1', does: 'Go to Plan', act: vi.fn() }]}>
      <Screen weigh={vi.fn()} />
    </KeyMap>,
  );
  fireEvent.keyDown(document.body, { key: '?' });
  expect(await screen.findByRole('dialog')).toHaveTextContent('wWeigh1Go to Plan');
});

it('says what waits, and shows what was parked until it is left out, also of a release before', async () => {
  standIn(new Error('away'));
  const late = {
    title: 'x',
    status: 409,
    detail: 'This batch is off the heat already.',
    errors: [],
  };
  localStorage.setItem(
    'urnstew.outbox',
    JSON.stringify([
      {
        key: 'a',
        path: '/api/batches/b/readings',
        typedAt: '2026-03-02T17:00:00Z',
        body: { id: 'a', enteredText: '9.5 kg' },
        problem: late,
      },
      {
        key: 'b',
        path: '/api/batches/b/finishes',
        typedAt: '2026-03-02T17:05:00Z',
        body: { id: 'b' },
      },
    ]),
  );
  show(<Waiting />);
  expect(await screen.findByRole('note')).toHaveTextContent('1 entry waits on this device');
  expect(screen.getByRole('alert')).toHaveTextContent(
    'A reading ‘9.5 kg’ was not taken. This batch is off the heat already.',
  );
  await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }));
  await waitFor(() => expect(screen.queryByRole('alert')).not.toBeInTheDocument());
  expect(screen.getByRole('note')).toBeInTheDocument();
});
