import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { nameOf, useEntries, useOutbox, useRetries } from '.';
import { all, clear } from './store';

const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);
const bodies: { id: string; stamp: { typedAt: string; sentAt: string } }[] = [];
let answers: (Response | Error | Promise<Response>)[] = [];
const refusal = (status: number, detail: string, errors: object[] = []) =>
  new Response(JSON.stringify({ title: 'x', status, detail, errors }), { status });
const away = () => new Error('away');

beforeEach(async () => {
  await clear();
  localStorage.clear();
  bodies.length = 0;
  answers = [];
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      bodies.push(await request.json());
      const answer = await (answers.shift() ?? new Response('{}', { status: 201 }));
      if (answer instanceof Error) throw answer;
      return answer;
    }),
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const stove = () =>
  renderHook(
    () => {
      const entries = useEntries();
      useRetries(entries.waiting.length);
      return { ...entries, ...useOutbox() };
    },
    { wrapper },
  );
type Stove = ReturnType<typeof stove>['result'];
const reading = (result: Stove, id: string, batch: string) =>
  act(() =>
    result.current.send(
      '/readings',
      { id, enteredText: `${id} kg`, source: 'TYPED', grossKilograms: 9 },
      batch,
    ),
  );
const waiting = (result: Stove, many: number) =>
  waitFor(() => expect(result.current.waiting).toHaveLength(many));
/** The network is back: what waits is sent at once. */
const retry = () => act(() => void window.dispatchEvent(new Event('online')));

it('keeps what the server did not answer and sends it again, the same, until it arrives', async () => {
  answers = [away(), new Response('{}', { status: 503 })];
  const { result } = stove();
  expect(await reading(result, 'a', 'b1')).toEqual({ kind: 'queued' });
  await waiting(result, 1);
  await retry();
  await waitFor(() => expect(bodies).toHaveLength(2));
  await retry();
  await waiting(result, 0);
  expect(bodies.map((b) => b.id)).toEqual(['a', 'a', 'a']);
  expect(new Set(bodies.map((b) => b.stamp.typedAt)).size).toBe(1);
});

it('gives a refusal back with its fields and forgets the entry', async () => {
  answers = [
    refusal(422, 'too deep', [
      {
        pointer: '/depthMeters',
        code: 'c',
        message: 'Too deep.',
        limit: '200 mm',
        remedy: 'Read again.',
      },
    ]),
  ];
  const { result } = stove();
  const sent = await reading(result, 'a', 'b1');
  expect(sent.kind === 'refused' && sent.error.at('/depthMeters')).toBe('Too deep. Read again.');
  expect(await all()).toHaveLength(0);
});

it('parks a refusal whose screen was left before it came', async () => {
  let answer: (of: Response) => void = () => undefined;
  answers = [
    new Promise<Response>((resolve) => {
      answer = resolve;
    }),
  ];
  const screen = renderHook(() => useOutbox(), { wrapper });
  const sent = screen.result.current.send('/steps', { id: 'a', step: 'stir' }, 'b1');
  await waitFor(() => expect(bodies).toHaveLength(1));
  screen.unmount();
  answer(refusal(409, 'This batch is off the heat already.'));
  expect((await sent).kind).toBe('refused');
  const { result } = stove();
  await waitFor(() =>
    expect(result.current.parked.map((e) => e.problem?.detail)).toEqual([
      'This batch is off the heat already.',
    ]),
  );
});

it('lets the cook go on where the server takes its time, and parks what it refuses then', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'], shouldAdvanceTime: true });
  let answer: (of: Response) => void = () => undefined;
  answers = [
    new Promise<Response>((resolve) => {
      answer = resolve;
    }),
  ];
  const { result } = stove();
  const sent = result.current.send('/steps', { id: 'a', step: 'stir' }, 'b1');
  await waitFor(() => expect(bodies).toHaveLength(1));
  await act(() => vi.advanceTimersByTimeAsync(4000));
  expect(await sent).toEqual({ kind: 'queued' });
  answer(refusal(409, 'This batch is off the heat already.'));
  await waitFor(() => expect(result.current.parked).toHaveLength(1));
});

it('sends entries of one pot in the order of typing, and parks what is refused late', async () => {
  answers = [away(), away(), refusal(409, 'This batch is off the heat already.')];
  const { result } = stove();
  await reading(result, 'a', 'b1');
  expect(
    await act(() => result.current.send('/finishes', { id: 'b', enteredText: '', note: '' }, 'b1')),
  ).toEqual({ kind: 'queued' });
  await waiting(result, 2);
  await retry();
  await waiting(result, 0);
  expect(bodies.map((b) => b.id)).toEqual(['a', 'a', 'a', 'b']);
  expect(result.current.parked.map((e) => e.problem?.detail)).toEqual([
    'This batch is off the heat already.',
  ]);
  await act(() => result.current.leaveOut(result.current.parked[0]?.key ?? ''));
  await waitFor(() => expect(result.current.parked).toHaveLength(0));
});

it('parks what the server always fails on, lets other pots by, and sends it again when told to', async () => {
  const broken = () => new Response('{}', { status: 500 });
  answers = [broken(), new Response('{}', { status: 201 }), broken(), broken()];
  const { result } = stove();
  await reading(result, 'bad', 'b1');
  expect(await reading(result, 'good', 'b2')).toEqual({ kind: 'recorded' });
  await waiting(result, 1);
  await retry();
  await waitFor(() => expect(bodies).toHaveLength(3));
  await retry();
  await waitFor(() => expect(result.current.parked).toHaveLength(1));
  expect(result.current.parked[0]).toMatchObject({
    body: { id: 'bad', enteredText: 'bad kg' },
    problem: { title: 'Failing' },
  });
  const [parked] = result.current.parked;
  if (parked) await act(() => result.current.sendAgain(parked));
  await waitFor(async () => expect(await all()).toHaveLength(0));
  expect(bodies.map((b) => b.id)).toEqual(['bad', 'good', 'bad', 'bad', 'bad']);
});

it('sends an entry once where two tabs send at once', async () => {
  const held: Promise<unknown>[] = [];
  vi.stubGlobal('navigator', {
    ...navigator,
    locks: {
      request: (_name: string, act: () => Promise<void>) => {
        const turn = Promise.allSettled(held).then(act);
        held.push(turn);
        return turn;
      },
    },
  });
  const one = stove();
  const other = stove();
  await Promise.all([
    reading(one.result, 'a', 'b1'),
    act(() => other.result.current.send('/steps', { id: 'b', step: 'stir' }, 'b1')),
  ]);
  expect(bodies.map((b) => b.id).sort()).toEqual(['a', 'b']);
});

it('names every kind of entry', () => {
  const named = [
    '/api/batches',
    '/api/batches/b/pours',
    '/api/batches/b/steps',
    '/api/keepings/coolings',
    '/api/keepings/k/top-ups',
    '/api/lots',
    '/api/lots/l/splits',
  ];
  expect(named.map((path) => nameOf({ path }))).toEqual([
    'A batch that was lit',
    'What went in',
    'A step done',
    'A cooling',
    'A top-up',
    'Tubs put away',
    'Tubs parted',
  ]);
});
