import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import type { ServiceView } from '../../../api/client';
import { file, kitchen, serve, server, show } from '../../../test/stove';
import { bench } from '../bench/bench.fixtures';
import { drawn, windowFromNow } from '../bench/lanes';
import { besides, happenedOf, lateMinutes, unticked } from './live';
import { ServicePage } from './ServicePage';

const at = (clock: string): string => `2026-03-02T${clock}:00Z`;
const ms = (clock: string): number => Date.parse(at(clock));
const work = (
  key: string,
  over: Partial<ServiceView['works'][number]> = {},
): ServiceView['works'][number] => ({
  key,
  state: 'TO_COME',
  wanted: false,
  toBeMoved: false,
  ...over,
});

/** The simmer goes on, the pasta has been put later, nobody has plated. */
const service: ServiceView = {
  id: 's1',
  mealId: 'm1',
  name: 'Before the watch',
  startedAt: at('15:00'),
  reckoning: false,
  plannedAt: at('16:20'),
  bench,
  works: [
    work('simmer', { state: 'GOING', begunAt: at('15:40'), by: 'Ada', firstBegins: at('15:30') }),
    work('drop', { wanted: true, firstBegins: at('18:02') }),
    work('plate'),
  ],
  cooks: [
    { name: 'Ada', here: true },
    { name: 'Bo', here: false },
  ],
  failedLaneIds: ['h2'],
  moved: [{ key: 'drop', name: 'Spaghetti', what: 'pasta in', was: at('18:02'), now: at('18:12') }],
  log: [
    {
      id: 'e1',
      at: at('15:40'),
      kind: 'BEGAN',
      what: 'Ridge ragù, simmer',
      who: 'k',
      takenBack: false,
    },
  ],
};

const said: Record<string, unknown>[] = [];
const heard = (what: object) => waitFor(() => expect(said.at(-1)).toMatchObject(what));
const open = async (as: ServiceView = service) => {
  said.length = 0;
  serve({ '/api/kitchen': kitchen, '/api/services/s1': as });
  server.use(
    http.post('*/api/services/s1/entries', async ({ request }) => {
      said.push((await request.json()) as Record<string, unknown>);
      return HttpResponse.json({ serviceId: 's1', id: 'x', happenedAt: at('16:00') });
    }),
  );
  show(
    <Routes>
      <Route path="/services/:id" element={<ServicePage />} />
    </Routes>,
    '/services/s1',
  );
  return screen.findByRole('heading', { level: 1 });
};

it('knows what should have begun or be over and is not ticked', () => {
  expect(unticked(service, ms('16:00'))).toEqual([]);
  expect(unticked(service, ms('18:11')).map((w) => w.task.key)).toEqual([]);
  expect(unticked(service, ms('18:12')).map((w) => w.task.key)).toEqual(['simmer']);
  expect(unticked(service, ms('18:20')).map((w) => w.task.key)).toEqual(['simmer', 'drop']);
});

it('draws what has happened and where a work was before', () => {
  const [ada, bo] = drawn(bench, happenedOf(service));
  expect(ada?.bars[0]?.state).toBe('GOING');
  expect(bo?.bars[0]?.was).toBe(ms('18:02'));
  expect(windowFromNow(bench, 2, ms('17:00'))[0]).toBe(ms('16:40'));
  expect(windowFromNow(bench, 2, ms('10:00'))[0]).toBe(ms('15:25'));
});

it('names who works beside, and how late something was', () => {
  const [simmer, drop] = bench.work;
  if (!simmer || !drop) throw new Error('the fixture has work');
  const beside = {
    ...drop,
    task: { ...drop.task, name: 'Ridge ragù' },
    begins: at('15:31'),
    handsUntil: at('15:33'),
  };
  expect(besides([simmer, beside], simmer)).toEqual([beside]);
  expect(besides([simmer, drop], simmer)).toEqual([]);
  expect(lateMinutes(at('18:00'), at('18:07'))).toBe(7);
  expect(lateMinutes(undefined, at('18:07'))).toBeUndefined();
});

it('says of a work that it has begun, is late, is wanted earlier or by another', async () => {
  await open();
  await userEvent.selectOptions(await screen.findByLabelText('Work'), 'plate');
  const panel = within(screen.getByRole('group', { name: /put up the plates/ }));
  await userEvent.click(panel.getByRole('button', { name: '5 min earlier' }));
  await heard({ kind: 'WANTED', key: 'plate', minutes: -5, by: 'Ada' });
  await userEvent.click(panel.getByRole('button', { name: 'It has begun' }));
  await heard({ kind: 'BEGAN', key: 'plate', by: 'Ada' });
  await userEvent.selectOptions(screen.getByLabelText('Work'), 'simmer');
  await userEvent.click(screen.getByRole('button', { name: '15 min longer' }));
  await heard({ kind: 'TAKES_LONGER', key: 'simmer', minutes: 15 });
  await userEvent.selectOptions(screen.getByLabelText('Work'), 'drop');
  await userEvent.click(screen.getByRole('button', { name: 'May be moved again' }));
  await heard({ kind: 'LET_GO', key: 'drop' });
});

it('tells of cooks and burners, and takes back what was wrong', async () => {
  await open();
  const bo = within(await screen.findByRole('listitem', { name: 'Bo' }));
  expect(bo.getByText('not here')).toBeInTheDocument();
  await userEvent.click(bo.getByRole('button', { name: 'is here' }));
  await heard({ kind: 'COOK_CAME', by: 'Bo' });
  const ring = within(screen.getByRole('listitem', { name: 'Back ring' }));
  await userEvent.click(ring.getByRole('button', { name: 'works again' }));
  await heard({ kind: 'MENDED', laneId: 'h2' });
  await userEvent.type(screen.getByLabelText('Somebody else came'), 'Cleo');
  await userEvent.click(screen.getByRole('button', { name: 'Count on them' }));
  await heard({ kind: 'COOK_CAME', by: 'Cleo' });
  await userEvent.click(screen.getByRole('button', { name: /^Take back: begun/ }));
  await heard({ kind: 'TAKEN_BACK', entryId: 'e1' });
  expect(screen.getByRole('list', { name: 'What moved' })).toHaveTextContent('pasta in');
});

it('ticks on the run sheet with one press, and says what became of it', async () => {
  await open();
  await userEvent.click(await screen.findByLabelText('Ada’s run sheet'));
  const sheet = within(screen.getByRole('list', { name: 'Run sheet of Ada' }));
  expect(sheet.getAllByRole('listitem')).toHaveLength(2);
  await userEvent.click(sheet.getByRole('button', { name: 'Done: simmer' }));
  await heard({ kind: 'ENDED', key: 'simmer' });
  await userEvent.click(screen.getByLabelText('planned and done'));
  const done = within(screen.getByRole('list', { name: 'Planned and done' }));
  expect(done.getAllByRole('listitem')).toHaveLength(2);
  expect(done.getByText('goes on')).toBeInTheDocument();
});

it('sends a calendar back in which works were moved', async () => {
  await open();
  server.use(
    http.post('*/api/services/s1/calendars', async ({ request }) => {
      said.push((await request.json()) as Record<string, unknown>);
      return HttpResponse.json({ serviceId: 's1', id: 'x', happenedAt: at('16:00') });
    }),
  );
  await userEvent.click(await screen.findByLabelText('Ada’s run sheet'));
  expect(screen.getByRole('link', { name: /Into Ada’s calendar/ })).toHaveAttribute(
    'href',
    '/api/services/s1/works.ics?cook=Ada',
  );
  await userEvent.upload(screen.getByLabelText('Calendar'), file('BEGIN:VCALENDAR', 'works.ics'));
  await heard({ calendar: 'BEGIN:VCALENDAR' });
});

it('never shows nothing at the pass where the meal is another by now', async () => {
  await open();
  server.use(http.get('*/api/meals/m1', () => HttpResponse.json({ dishes: [] })));
  await userEvent.click(await screen.findByLabelText('the pass'));
  expect(await screen.findByText(/What is in it is not known/)).toBeInTheDocument();
});

it('asks where a pot is that stands on what does not work', async () => {
  const stands = service.works.map((w) => (w.key === 'simmer' ? { ...w, toBeMoved: true } : w));
  await open({ ...service, works: stands });
  expect(await screen.findByText(/A pot stands on what does not work/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Gas ring' }));
  await heard({ kind: 'MOVED', key: 'simmer', laneId: 'h1' });
});

it('shows only what was planned and done once it is over', async () => {
  await open({ ...service, endedAt: at('19:00') });
  expect(await screen.findByRole('list', { name: 'Planned and done' })).toBeInTheDocument();
  expect(screen.queryByText('Hands and burners')).not.toBeInTheDocument();
});
