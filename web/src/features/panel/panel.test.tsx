import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { PanelView, TasterView } from '../../api/client';
import { server, show, standIn } from '../../test/stove';
import { PanelPage } from './PanelPage';
import { TastePage } from './TastePage';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

const json = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
const page = (path: string) =>
  show(
    <Routes>
      <Route path="/taste/:id" element={<TastePage />} />
      <Route path="/panels/:id" element={<PanelPage />} />
    </Routes>,
    path,
  );
const seat = (over: Partial<TasterView> = {}): TasterView => ({
  panelId: 'p1',
  title: 'Butter',
  seat: 3,
  codes: [417, 208, 593],
  ranked: [],
  contains: 'contains fish',
  closed: false,
  ...over,
});

/** A phone asks again and again: it is answered as the panel stands. */
function sitting(before: TasterView, after: TasterView) {
  const votes: { path: string; body: unknown }[] = [];
  let now = before;
  server.use(
    http.all('*/vote', async ({ request }) => {
      votes.push({ path: new URL(request.url).pathname, body: await request.json() });
      now = after;
      return HttpResponse.json(now);
    }),
    http.all('*/api/*', () => HttpResponse.json(now)),
  );
  return votes;
}

it('takes an order by taps, best first, and sends it from this phone’s seat', async () => {
  const votes = sitting(seat(), seat({ ranked: [593, 417, 208] }));
  page('/taste/p1');
  expect(await screen.findByText(/contains fish/)).toBeInTheDocument();
  await userEvent.click(await screen.findByRole('button', { name: /^208/ }));
  await userEvent.click(screen.getByRole('button', { name: /^208/ }));
  for (const code of ['593', '417'])
    await userEvent.click(screen.getByRole('button', { name: new RegExp(`^${code}`) }));
  expect(screen.getByRole('button', { name: 'Send' })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: /^208/ }));
  expect(screen.getByRole('button', { name: /^593/ })).toHaveTextContent('best');
  expect(screen.getByRole('button', { name: /^208/ })).toHaveTextContent('worst');
  await userEvent.click(screen.getByRole('button', { name: 'Send' }));
  expect(await screen.findByText('Your order: 593, 417, 208.')).toBeInTheDocument();
  expect(votes).toEqual([
    {
      path: `/api/panels/p1/seats/${localStorage.getItem('urnstew.device') ?? ''}/vote`,
      body: { codes: [593, 417, 208], note: '' },
    },
  ]);
});

it('asks for one tap where there are two cups', async () => {
  const votes = sitting(
    seat({ codes: [417, 208] }),
    seat({ codes: [417, 208], ranked: [208, 417] }),
  );
  page('/taste/p1');
  await userEvent.click(await screen.findByRole('button', { name: /^417/ }));
  await userEvent.click(screen.getByRole('button', { name: /^208/ }));
  expect(screen.getByRole('button', { name: /^417/ })).not.toHaveTextContent('better');
  await userEvent.click(screen.getByRole('button', { name: 'Send' }));
  expect(await screen.findByText('You like 208 better.')).toBeInTheDocument();
  expect(votes.map((v) => v.body)).toEqual([{ codes: [208, 417], note: '' }]);
});

it('says when the tasting is over', async () => {
  standIn(json(seat({ closed: true })));
  page('/taste/p1');
  expect(await screen.findByText('The tasting is closed')).toBeInTheDocument();
});

const panel = (over: Partial<PanelView>): PanelView => ({
  id: 'p1',
  title: 'Marinara',
  openedAt: '2026-03-02T17:00:00Z',
  contains: 'contains fish, milk',
  closed: false,
  voted: 1,
  cups: [
    { what: 'as it is', code: 417 },
    { what: 'butter', code: 208 },
  ],
  seats: [{ seat: 1, codes: [208, 417], voted: true, note: '' }],
  ...over,
});

it('tells the host who has answered but not what, until it is closed', async () => {
  standIn(
    json(panel({})),
    json(
      panel({
        closed: true,
        cups: [
          { what: 'as it is', code: 417, best: 0, worst: 1, rankSum: 2 },
          { what: 'butter', code: 208, best: 1, worst: 0, rankSum: 1 },
        ],
        result: { chance: 1, proves: false, words: '1 of 1 agree.' },
      }),
    ),
  );
  page('/panels/p1');
  expect(await screen.findByText('1 of 1 have answered')).toBeInTheDocument();
  expect(screen.queryByText(/Liked best/)).toBeNull();
  expect(screen.getByText(/\/taste\/p1$/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Close and count' }));
  expect(await screen.findByText('Liked best: butter')).toBeInTheDocument();
  expect(screen.getByText('1 of 1 agree.')).toBeInTheDocument();
});
