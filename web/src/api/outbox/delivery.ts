import { ask, type Problem } from '../client';
import { isProblem } from '../problem';
import { all, change, leaveOut, nextOf, type Entry } from './store';

const ANSWER_MS = 20_000;
/** A server that fails on an entry so often will fail on it again. */
const MOST_FAULTS = 3;
const AWAY = new Set([408, 429, 502, 503, 504]);
const REFUSED: Problem = {
  title: 'Refused',
  status: 400,
  detail: 'The server refused this entry.',
  errors: [],
};
const FAILING: Problem = {
  title: 'Failing',
  status: 500,
  errors: [],
  detail:
    'The server fails on this entry, again and again. Send it again later, or note it by hand and leave it out.',
};

/** Posts one write: what the server made of it, 'away' when it did not answer, 'failed' when it broke on it. */
export async function deliver(entry: Entry): Promise<'recorded' | 'away' | 'failed' | Problem> {
  const { happenedLocalTime, ...body } = entry.body;
  const stamp = {
    typedAt: entry.typedAt,
    sentAt: new Date().toISOString(),
    ...(happenedLocalTime ? { happenedLocalTime } : {}),
  };
  const response = await ask(
    new Request(new URL(entry.path, location.origin), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...body, stamp }),
      signal: AbortSignal.timeout(ANSWER_MS),
    }),
  ).catch(() => undefined);
  if (!response || AWAY.has(response.status)) return 'away';
  if (response.status >= 500) return 'failed';
  if (response.ok) return 'recorded';
  const problem: unknown = await response.json().catch(() => undefined);
  return isProblem(problem) ? problem : REFUSED;
}

/** Sends what waits of one queue in the order of typing: a reading never arrives after the end. */
async function sendQueue(queue: string): Promise<void> {
  for (let next = await nextOf(queue); next; next = await nextOf(queue)) {
    const outcome = await deliver(next);
    if (outcome === 'recorded') await leaveOut(next.key);
    else if (outcome === 'failed') {
      const faults = next.faults + 1;
      await change(next.key, faults < MOST_FAULTS ? { faults } : { faults, problem: FAILING });
      if (faults < MOST_FAULTS) return;
    } else if (outcome === 'away') return;
    else await change(next.key, { problem: outcome });
  }
}

const sending = new Map<string, Promise<void>>();

/** One sender per queue: of this tab by turns, of all tabs by a lock where the browser has them. */
export function drain(queue: string): Promise<void> {
  const locks = (navigator as { locks?: LockManager }).locks;
  const turn = () =>
    locks ? locks.request(`urnstew ${queue}`, () => sendQueue(queue)) : sendQueue(queue);
  const after = (sending.get(queue) ?? Promise.resolve()).then(turn, turn);
  sending.set(queue, after);
  return after;
}

/** All queues beside each other: a bad entry of one pot holds nobody else up. */
export async function drainAll(): Promise<void> {
  const waiting = (await all()).filter((e) => !e.problem);
  await Promise.all([...new Set(waiting.map((e) => e.queue))].map(drain));
}
