import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { kitchen, standIn } from '../../test/stove';
import { AddSheet } from './AddSheet';
import { ragu, measured, themed } from './steps.fixtures';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('takes a ladle as a unit, and sends what was typed beside it', async () => {
  const asked = standIn();
  const close = vi.fn();
  themed(<AddSheet batch={ragu} kitchen={measured} onClose={close} />);
  await userEvent.click(screen.getByRole('radio', { name: 'ladled out' }));
  expect(screen.getByText('or by the ladle')).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('Came out'), '2 ladles');
  expect(screen.getByText('260 g')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.find((a) => a.path.endsWith('/ladlings'))?.body).toMatchObject({
    massKilograms: 0.26,
    enteredText: '2 ladles',
  });
});

it('takes sauce out of a tub, and tells the tub', async () => {
  const lots = [
    { id: 'l1', code: 'KTQ2M', name: 'Larder base', massKilograms: 3.8, daysLeft: 2 },
    { id: 'l2', code: 'PAST9', name: 'Old base', massKilograms: 1, daysLeft: 0 },
  ];
  const json = { status: 200, headers: { 'content-type': 'application/json' } };
  const nothing = () => new Response('[]', json);
  const asked = standIn(
    nothing(),
    new Response(JSON.stringify(lots), json),
    new Response('{}', { ...json, status: 201 }),
    nothing(),
    nothing(),
    nothing(),
  );
  const close = vi.fn();
  themed(<AddSheet batch={ragu} kitchen={kitchen} onClose={close} />);
  await userEvent.click(screen.getByRole('radio', { name: 'something else' }));
  await userEvent.click(screen.getByRole('combobox', { name: 'What else' }));
  expect(
    await screen.findByRole('option', { name: /Larder base from tub KTQ2M, 3.80 kg there/ }),
  ).toBeInTheDocument();
  expect(screen.queryByRole('option', { name: /Old base/ })).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('option', { name: /Larder base/ }));
  await userEvent.type(screen.getByLabelText('Went in, all of it'), '1.5 kg');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
    batchId: 'b1',
    massKilograms: 1.5,
    massText: '1.5 kg',
  });
});
