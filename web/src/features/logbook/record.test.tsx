import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes, useLocation } from 'react-router';
import { expect, it } from 'vitest';
import { server, show } from '../../test/stove';
import { RecordPage } from './RecordPage';
import { pages } from './record.fixtures';

function Planned() {
  const { pathname, state } = useLocation();
  return <p>{`${pathname} ${JSON.stringify(state)}`}</p>;
}
const record = async () => {
  show(
    <Routes>
      <Route path="/logbook/:id" element={<RecordPage />} />
      <Route path="/plan" element={<Planned />} />
    </Routes>,
    '/logbook/b1',
  );
  await screen.findByText(/came out/);
};

it('tells what came out against the plan, what went in as poured, and what nobody noted', async () => {
  pages();
  await record();
  expect(screen.getByText(/3.85 kg came out/)).toHaveTextContent(
    '3.90 kg were planned; about 10.8 % solids. The pot boiled off × 1.12 of the assumed rate.',
  );
  expect(screen.getByText('less salt')).toBeInTheDocument();
  const happened = screen.getByRole('region', { name: 'What went in and when' });
  expect(happened).toHaveTextContent('17:026.30 kg Canned tomatoes went in, as poured');
  expect(happened).not.toHaveTextContent('ladled');
  expect(happened).toHaveTextContent('As planned: 16 g table salt.');
  expect(screen.getByRole('link', { name: 'Cool it' })).toHaveAttribute(
    'href',
    '/keep/cool?batch=b1&mass=3.85%20kg',
  );
});

it('is made again as it turned out: in that pot, with that heat, to that thickness', async () => {
  pages();
  await record();
  await userEvent.click(screen.getByRole('button', { name: 'Make it again' }));
  const plan = await screen.findByText(/^\/plan/);
  expect(JSON.parse(plan.textContent?.slice('/plan '.length) ?? '')).toEqual({
    formulaId: 'plain-marinara',
    schools: [{ question: 'Garlic', option: 'sliced' }],
    asItTurnedOut: {
      solidsFraction: 0.108,
      vesselId: 'v1',
      heatSourceId: 'h1',
      way: 'LIVELY',
      lid: 'OFF',
    },
  });
});

it('notes the code of a can, by hand or from the shelf, and keeps one that is refused', async () => {
  pages();
  const posted: Record<string, unknown>[] = [];
  const refusals = [
    HttpResponse.json(
      {
        title: 'x',
        status: 422,
        detail: 'x',
        errors: [
          { pointer: '/code', code: 'c', message: 'Too long.', limit: '', remedy: 'Shorten it.' },
        ],
      },
      { status: 422, headers: { 'content-type': 'application/problem+json' } },
    ),
  ];
  server.use(
    http.post('*/api/lots/sources/b1', async ({ request }) => {
      posted.push((await request.json()) as Record<string, unknown>);
      return refusals.shift() ?? HttpResponse.json([], { status: 201 });
    }),
  );
  await record();
  const form = within(screen.getByRole('region', { name: 'What went in' }));
  expect(form.getByRole('button', { name: 'Note it' })).toBeDisabled();
  await userEvent.click(await form.findByRole('button', { name: 'L 204' }));
  await userEvent.click(form.getByRole('button', { name: 'Note it' }));
  expect(await form.findByText('Too long. Shorten it.')).toBeInTheDocument();
  const code = form.getByLabelText('Code on the can, number of the tag');
  expect(code).toHaveValue('L 204');
  await userEvent.click(form.getByRole('button', { name: 'Note it' }));
  await waitFor(() => expect(code).toHaveValue(''));
  expect(posted[1]).toMatchObject({ ingredientId: 'tomato', code: 'L 204', stockId: 's1' });
  await userEvent.selectOptions(form.getByLabelText('Of'), 'Table salt');
  await userEvent.type(code, 'X 1');
  await userEvent.click(form.getByRole('button', { name: 'Note it' }));
  await waitFor(() => expect(posted).toHaveLength(3));
  expect(posted[2]).toMatchObject({ ingredientId: 'salt', code: 'X 1' });
  expect(posted[2]).not.toHaveProperty('stockId');
});

it('says how it was kept, with its record, and where its tubs are', async () => {
  pages({
    '/api/keepings/of-batch/b1': [
      { id: 'k1', startedAt: '2026-03-02T17:50:00Z', cooling: {}, ruleSetName: 'FDA' },
      {
        id: 'k2',
        startedAt: '2026-03-02T17:45:00Z',
        closedAs: 'DISCARDED',
        reason: 'spilt',
        ruleSetName: 'FDA',
      },
    ],
    '/api/lots': [
      { id: 'l1', batchId: 'b1', tubs: 3, code: 'ABCDE', placeName: 'Chest freezer' },
      { id: 'l2', batchId: 'other', tubs: 9, code: 'ZZZZZ', placeName: 'Walk-in' },
    ],
  });
  await record();
  const kept = screen.getByRole('region', { name: 'Kept' });
  expect(await within(kept).findByText(/Cooled from 18:50 \(FDA\)/)).toBeInTheDocument();
  expect(kept).toHaveTextContent('Held hot from 18:45, thrown away: spilt (FDA)');
  expect(await within(kept).findByRole('link', { name: '3 tubs ABCDE' })).toHaveAttribute(
    'href',
    '/keep/lots/l1',
  );
  expect(kept).not.toHaveTextContent('ZZZZZ');
});
