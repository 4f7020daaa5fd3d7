import { screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { show } from '../test/stove';
import { Coming, Pending } from './Pending';

afterEach(() => vi.useRealTimers());

it('does not flicker for a quick answer, and shows its shape for a slow one', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  show(<Pending title="Plan" step="Size" shape="columns" />);
  expect(screen.getByRole('heading', { name: 'Plan' })).toBeInTheDocument();
  expect(screen.queryByLabelText('Being fetched')).not.toBeInTheDocument();
  await vi.advanceTimersByTimeAsync(250);
  expect(await screen.findByLabelText('Being fetched')).toBeInTheDocument();
});

it('says why instead, where it will not come', () => {
  show(<Pending title="Plan" error={new Error('The server is away.')} />);
  expect(screen.getByRole('alert')).toHaveTextContent('The server is away.');
});

it('stands back once it has come', () => {
  show(<Coming error={null} come />);
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
});
