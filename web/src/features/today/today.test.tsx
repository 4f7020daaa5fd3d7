import { screen, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, it } from 'vitest';
import type { TaskView } from '../../api/client';
import { itIs, kitchen, serve, show } from '../../test/stove';
import { TodayPage } from './TodayPage';

const NOW = Date.parse('2026-03-02T15:00:00Z');
const after = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString();
const task = (subjectId: string, to: Partial<TaskView>): TaskView =>
  ({
    key: subjectId,
    subjectId,
    subject: subjectId,
    kind: 'READ',
    what: 'read it',
    place: 'HELD_HOT',
    at: after(10),
    waitFrom: after(-5),
    alarmFrom: after(10),
    ...to,
  }) as TaskView;

beforeEach(() => itIs('2026-03-02T15:00:00Z'));
afterEach(() => itIs(new Date().toISOString()));

const page = (tasks: unknown, more: Record<string, unknown> = {}) => {
  serve({ '/api/kitchen': kitchen, '/api/tasks': tasks, ...more });
  show(<TodayPage />);
};
const needs = () => screen.findByRole('list', { name: 'What needs someone' });

it('says the loudest first, each with its hour and the way to it', async () => {
  page([
    task('Base', { at: after(300), waitFrom: after(290), alarmFrom: after(300), place: 'COOLING' }),
    task('Ragù', { at: after(-5), waitFrom: after(-20), alarmFrom: after(-5) }),
    task('b1', { at: after(20), waitFrom: after(15), alarmFrom: after(20), place: 'POT' }),
  ]);
  const links = within(await needs()).getAllByRole('link');
  expect(links.map((l) => l.getAttribute('href'))).toEqual(['/keep', '/pots/b1', '/keep']);
  expect(links[0]).toHaveTextContent('now');
  expect(links[1]).toHaveTextContent('16:20');
  expect(screen.getByText('1 thing needs someone now')).toBeInTheDocument();
});

it('names days where a day is what is known', async () => {
  const day = { place: 'TUBS', day: '2026-03-03' } as const;
  page([task('lot', { ...day, at: after(600), waitFrom: after(500), alarmFrom: after(600) })]);
  expect(within(await needs()).getByRole('link')).toHaveTextContent('tomorrow');
});

it('says that nothing is on, and what can be begun', async () => {
  page([]);
  expect(await screen.findByText(/Nothing is on, held, cooling or due/)).toBeInTheDocument();
  expect(screen.getByText('nothing is late')).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Plan a batch' })).toHaveAttribute('href', '/plan');
});

it('says so when the server is away, and keeps what it has', async () => {
  page(new Error('away'));
  expect(await screen.findByRole('alert')).toHaveTextContent('does not answer');
  expect(screen.getByText('0 on the stove')).toBeInTheDocument();
});

it('counts what is kept, and the last tubs of a kind', async () => {
  const lot = (id: string, tubs: number) => ({
    id,
    formulaId: id,
    name: `Sauce ${id}`,
    tubs,
    state: 'FROZEN',
    daysLeft: 40,
    tubCubicMeters: 0.001,
    massKilograms: tubs,
  });
  page([], {
    '/api/lots': [lot('few', 2), lot('many', 9)],
    '/api/keepings': [{ hold: {} }, { cooling: {} }, { cooling: {} }],
  });
  expect(await screen.findByText('1 held hot, 2 cooling')).toBeInTheDocument();
  expect(screen.getByText('11 tubs')).toBeInTheDocument();
  expect(screen.getByText('Running out: Sauce few, 2 tubs.')).toBeInTheDocument();
});
