import { expect, it } from 'vitest';
import type { TaskView } from '../../api/client';
import { taskWords } from '../../ui/tasks';
import { needing } from './needing';

const NOW = Date.parse('2026-03-02T15:00:00Z');
const after = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString();
const task = (subjectId: string, what: string, at: number, to: Partial<TaskView> = {}) =>
  ({
    key: subjectId + what,
    subjectId,
    what,
    at: after(at),
    waitFrom: after(at - 15),
    alarmFrom: after(at),
    ...to,
  }) as TaskView;

it('is all that is late, else the next of each thing, the loudest first', () => {
  const all = [
    task('later', 'add the milk', 40),
    task('late', 'stir', -3),
    task('late', 'taste', -1),
    task('late', 'thick enough', 90),
    task('soon', 'read it', 10),
    task('soon', 'put it away', 30),
    task('over', 'sweat', -9, { over: after(-1) }),
  ];
  expect(needing(all, NOW).map((t) => t.what)).toEqual([
    'stir',
    'taste',
    'read it',
    'add the milk',
  ]);
  // A device that hears nothing any more goes on by its own clock.
  expect(needing(all, NOW + 45 * 60_000).map((t) => t.what)).toEqual([
    'stir',
    'taste',
    'read it',
    'put it away',
    'add the milk',
  ]);
});

it('has its figure in the units of the kitchen', () => {
  expect(taskWords(task('k', 'read it by then', 0, { celsius: 5 }), 'METRIC')).toBe(
    'read it by then: 5 °C',
  );
  expect(taskWords(task('k', 'read it by then', 0, { celsius: 5 }), 'US')).toBe(
    'read it by then: 41 °F',
  );
  expect(taskWords(task('p', 'add the milk', 0, { massKilograms: 0.25 }), 'METRIC')).toBe(
    'add the milk, 250 g',
  );
  expect(taskWords(task('t', 'use it', 0, { plates: 29 }), 'METRIC')).toBe(
    'use it: about 29 plates',
  );
});
