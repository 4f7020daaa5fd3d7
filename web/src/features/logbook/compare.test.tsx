import { screen, waitFor, within } from '@testing-library/react';
import { http, HttpResponse } from 'msw';
import { expect, it } from 'vitest';
import { server, show } from '../../test/stove';
import { ComparePage } from './ComparePage';
import { batch, pages } from './record.fixtures';

const compare = (ids: string) => show(<ComparePage />, `/logbook/compare?ids=${ids}`);

it('says once what is the same of batches, and of each what tells it apart', async () => {
  pages({
    '/api/batches/b2': batch({
      id: 'b2',
      startedAt: '2026-02-28T16:00:00Z',
      end: { endedAt: '2026-02-28T18:00:00Z', note: '' },
    }),
  });
  compare('b1,b2');
  const apart = await screen.findByRole('region', { name: 'What tells them apart' });
  await waitFor(() => expect(within(apart).getAllByRole('link')).toHaveLength(2));
  expect(apart).toHaveTextContent(/The same in all: pot and burner Rondeau on Gas/);
  const [first, second] = within(apart).getAllByRole('link');
  expect(first).toHaveAttribute('href', '/logbook/b1');
  expect(second).toHaveAttribute('href', '/logbook/b2');
  expect(apart).toHaveTextContent('came out3.85 kg');
  expect(apart).toHaveTextContent('came outnot weighed');
});

it('says which batches it leaves out, and where to choose them', async () => {
  pages();
  server.use(
    http.get('*/api/batches/gone', () =>
      HttpResponse.json(
        { title: 'x', status: 404, detail: 'There is no such batch.', errors: [] },
        { status: 404, headers: { 'content-type': 'application/problem+json' } },
      ),
    ),
  );
  compare('b1,gone');
  expect(await screen.findByText(/1 of 2 is left out/)).toBeInTheDocument();
});

it('asks for two batches where one alone is named', async () => {
  pages();
  compare('b1');
  expect(await screen.findByText(/Tick two or more batches/)).toBeInTheDocument();
});
