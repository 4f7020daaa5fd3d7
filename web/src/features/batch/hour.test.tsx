import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { expect, it, vi } from 'vitest';
import type { BatchView } from '../../api/client';
import { batch, kitchen, problem, show, standIn } from '../../test/stove';
import { UndoOffer } from '../../ui/UndoOffer';
import { FinishSheet } from './FinishSheet';
import { Hour } from './Hour';
import { TargetSheet } from './TargetSheet';

const forecast = (over: object): BatchView =>
  ({
    ...batch,
    asPlanned: { thickAt: '2026-03-02T17:30:00Z' },
    forecast: {
      ...batch.forecast,
      workings: [],
      thickAt: '2026-03-02T17:30:30Z',
      earliest: '2026-03-02T17:10:00Z',
      latest: '2026-03-02T17:55:00Z',
      kilogramsPerHour: 2.1,
      ...over,
    },
  }) as unknown as BatchView;

it('says the hour as a live region, how sure it is, and what it rests on', async () => {
  const target = vi.fn();
  show(<Hour batch={forecast({})} kitchen={kitchen} onTarget={target} />);
  expect(screen.getByRole('status')).toHaveTextContent('18:30');
  expect(screen.getByText('18:10 – 18:55')).toBeInTheDocument();
  expect(screen.getByText('as planned')).toBeInTheDocument();
  expect(screen.getByText('boils off, from 2 readings')).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Balance' })).toHaveAttribute('href', '/balance?pot=b1');
  await userEvent.click(screen.getByRole('button', { name: 'How thick' }));
  expect(target).toHaveBeenCalled();
});

it.each([
  ['2026-03-02T17:42:00Z', '12 min later than planned'],
  ['2026-03-02T17:05:00Z', '25 min earlier than planned'],
])('says how far it turned: %s', (thickAt, words) => {
  show(<Hour batch={forecast({ thickAt, readings: 0 })} kitchen={kitchen} onTarget={vi.fn()} />);
  expect(screen.getByText(words)).toBeInTheDocument();
  expect(screen.getByText('boils off, as assumed')).toBeInTheDocument();
});

it('says why it never gets there instead of an hour', () => {
  const never = { thickAt: undefined, neverReason: 'Under this lid it only gets thinner.' };
  show(<Hour batch={forecast(never)} kitchen={kitchen} onTarget={vi.fn()} />);
  expect(screen.getByRole('status')).toHaveTextContent('Under this lid it only gets thinner.');
  expect(screen.queryByText('18:30')).toBeNull();
});

it('takes another thickness by the plate or by solids, each in its own unit', async () => {
  const asked = standIn();
  const close = vi.fn();
  const { unmount } = show(<TargetSheet batch={batch} onClose={close} />);
  await userEvent.type(screen.getByLabelText(/spreads to/), '62');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[0]).toMatchObject({
    path: '/api/batches/b1/targets',
    body: { spreadMeters: 0.062, enteredText: '62 mm' },
  });
  unmount();
  show(<TargetSheet batch={batch} onClose={close} />);
  await userEvent.click(screen.getByRole('radio', { name: 'by its solids' }));
  await userEvent.type(screen.getByLabelText('Non-fat solids'), '12,5');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(asked.at(-1)?.body).toMatchObject({ solidsFraction: 0.125, enteredText: '12,5 %' }),
  );
});

it('keeps a thickness that is refused, with the reason at its field', async () => {
  standIn(problem(422, '/solidsFraction', 'That is past the thickest band.', 'Choose 27 %.'));
  show(<TargetSheet batch={batch} onClose={vi.fn()} />);
  await userEvent.click(screen.getByRole('radio', { name: 'by its solids' }));
  await userEvent.type(screen.getByLabelText('Non-fat solids'), '45');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('past the thickest band. Choose 27 %');
  expect(screen.getByLabelText('Non-fat solids')).toHaveValue('45');
});

const At = () => <p>at {useLocation().pathname}</p>;
const finish = () => {
  show(
    <UndoOffer>
      <At />
      <FinishSheet batch={batch} kitchen={kitchen} onClose={vi.fn()} />
    </UndoOffer>,
    '/pots/b1',
  );
};

it('takes a batch off the heat weighed or not, and back to its pot where that was not meant', async () => {
  const asked = standIn();
  finish();
  expect(screen.getByText('not weighed')).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('To remember'), 'less salt');
  await userEvent.click(screen.getByRole('button', { name: 'Put it in the logbook' }));
  expect(await screen.findByText('at /logbook')).toBeInTheDocument();
  const { path, body } = asked[0] ?? { path: '', body: {} };
  expect(path).toBe('/api/batches/b1/finishes');
  expect(body).toMatchObject({ note: 'less salt', enteredText: '' });
  expect(body).not.toHaveProperty('finalMassKilograms');
  await userEvent.click(await screen.findByText('Take it back'));
  expect(await screen.findByText('at /pots/b1')).toBeInTheDocument();
  expect(asked.at(-1)).toMatchObject({
    path: '/api/batches/b1/take-backs',
    body: { eventId: body['id'] },
  });
});

it('sends what came out with its unit, and says at the field where that cannot be', async () => {
  const asked = standIn(
    problem(422, '/finalMassKilograms', 'That is more than went in.', 'Weigh it again.'),
  );
  finish();
  await userEvent.type(screen.getByLabelText('Sauce that came out'), '3.9');
  expect(screen.getByText('3.90 kg')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Put it in the logbook' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('That is more than went in.');
  expect(asked[0]?.body).toMatchObject({ finalMassKilograms: 3.9, enteredText: '3.9 kg' });
  expect(screen.getByText('at /pots/b1')).toBeInTheDocument();
});
