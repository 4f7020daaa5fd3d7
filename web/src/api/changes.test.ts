import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { listen, touches } from './changes';

const POT = '0d3f1c52-0000-4000-8000-000000000001';
const OTHER = '0d3f1c52-0000-4000-8000-000000000002';

it.each([
  [
    'the list and the page of a pot',
    'batches',
    POT,
    [['batches'], ['batches', POT], ['batches', 'occupancy'], ['plan', '{}']],
    [['batches', OTHER], ['pantry'], ['kitchen']],
  ],
  [
    'all that is made of the pantry',
    'pantry',
    '',
    [['pantry'], ['formulas'], ['formulas', OTHER, 0, '[]'], ['plan', '{}'], ['stock']],
    [['kitchen'], ['formulas', OTHER, 'sheet']],
  ],
  [
    'what a formula is in, but not the sheet under the hands',
    'formulas',
    'f',
    [['formulas'], ['meals', POT]],
    [['formulas', 'f', 'sheet'], ['pantry']],
  ],
  ['everything', 'everything', '', [['kitchen'], ['batches', POT]], []],
  ['nothing of a topic of a later release', 'moons', '', [], [['batches'], ['kitchen']]],
] as const)('loads again %s', (_, topic, id, others, same) => {
  for (const key of others) expect(touches({ topic, id }, key), key.join()).toBe(true);
  for (const key of same) expect(touches({ topic, id }, key), key.join()).toBe(false);
});

/** Stands in for the browser's stream. */
class Stream extends EventTarget {
  static all: Stream[] = [];
  closed = false;
  onopen?: () => void;
  onerror?: () => void;
  constructor(readonly url: string) {
    super();
    Stream.all.push(this);
  }
  close() {
    this.closed = true;
  }
  say(change: object) {
    this.dispatchEvent(new MessageEvent('change', { data: JSON.stringify(change) }));
  }
}
const last = () => Stream.all.at(-1) as Stream;
const see = (state: 'hidden' | 'visible') => {
  vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
  document.dispatchEvent(new Event('visibilitychange'));
};

beforeEach(() => {
  Stream.all = [];
  vi.useFakeTimers();
  vi.stubGlobal('EventSource', Stream);
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

it('loads what was told, once for all that came together, and all of it after a gap', () => {
  const queries = new QueryClient();
  const loaded = vi.spyOn(queries, 'invalidateQueries');
  const end = listen(queries);
  last().onopen?.();
  last().say({ topic: 'batches', version: 1, id: POT });
  last().say({ topic: 'lots', version: 2, id: OTHER });
  vi.advanceTimersByTime(200);
  expect(loaded).toHaveBeenCalledTimes(1);
  last().onerror?.();
  expect(last().closed).toBe(true);
  vi.advanceTimersByTime(7000);
  expect(Stream.all).toHaveLength(2);
  last().onopen?.();
  vi.advanceTimersByTime(200);
  const [filter] = loaded.mock.lastCall ?? [];
  expect(filter?.predicate?.({ queryKey: ['kitchen'] } as never)).toBe(true);
  end();
  expect(last().closed).toBe(true);
});

it('holds a connection only while it is seen: a browser has few of them', () => {
  const end = listen(new QueryClient());
  see('hidden');
  expect(last().closed).toBe(true);
  see('visible');
  expect(Stream.all).toHaveLength(2);
  expect(last().closed).toBe(false);
  end();
});
