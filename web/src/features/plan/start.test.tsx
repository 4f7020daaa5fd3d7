import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { kitchen, serve, show } from '../../test/stove';
import { PlanPage } from './PlanPage';
import { StartNote } from './StartNote';

const note = (onStart = vi.fn(async () => undefined)) => {
  show(<StartNote disabled={false} onStart={onStart} clock="16:05" />);
  return onStart;
};

it('lights now by one press', async () => {
  const start = note();
  await userEvent.click(screen.getByRole('button', { name: 'Light the burner' }));
  await waitFor(() => expect(start).toHaveBeenCalledWith(undefined));
});

it('lights as it was done a while ago, once the hour is understood', async () => {
  const start = note();
  await userEvent.click(screen.getByRole('button', { name: 'Lit earlier' }));
  const field = screen.getByLabelText('The burner was lit at');
  expect(screen.getByText('before 16:05')).toBeInTheDocument();
  const begin = screen.getByRole('button', { name: 'Start as lit' });
  expect(begin).toBeDisabled();
  await userEvent.type(field, 'before lunch');
  expect(screen.getByRole('alert')).toHaveTextContent('Type an hour');
  await userEvent.clear(field);
  await userEvent.type(field, '2026-03-01 15:10');
  expect(screen.getByRole('alert')).toHaveTextContent('Type the hour alone');
  expect(begin).toBeDisabled();
  await userEvent.clear(field);
  await userEvent.type(field, '15:10');
  await userEvent.click(begin);
  await waitFor(() => expect(start).toHaveBeenCalledWith('15:10'));
});

it('sends a kitchen without pots to its questions', async () => {
  serve({
    '/api/kitchen': kitchen,
    '/api/formulas': [
      { id: 'plain-marinara', name: 'Plain marinara', inShort: '', targetSolidsFraction: 0.105 },
    ],
  });
  show(<PlanPage />);
  expect(await screen.findByRole('link', { name: 'five questions' })).toHaveAttribute(
    'href',
    '/begin',
  );
  expect(screen.queryByRole('button', { name: 'Light the burner' })).not.toBeInTheDocument();
});
