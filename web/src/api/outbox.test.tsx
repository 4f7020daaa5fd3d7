import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useEntries, useOutbox, useRetries } from './outbox';

const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>;
const bodies: { id: string; stamp: { typedAt: string; sentAt: string } }[] = [];
let answers: (Response | Error)[] = [];

beforeEach(() => {
  localStorage.clear();
  bodies.length = 0;
  vi.stubGlobal('fetch', vi.fn((_path: string, init: RequestInit) => {
    bodies.push(JSON.parse(String(init.body)));
    const answer = answers.shift() ?? new Response('{}', { status: 201 });
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer);
  }));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const stove = () => renderHook(() => {
  const entries = useEntries();
  useRetries(entries.waiting.length);
  return { ...entries, ...useOutbox() };
}, { wrapper });

it('keeps what the server did not answer and sends it again, the same, until it arrives', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  answers = [new Error('away'), new Response('{}', { status: 503 })];
  const { result } = stove();
  await act(async () => expect(await result.current.send('/simmer-starts', { id: 'a' }, 'b1')).toEqual({ kind: 'queued' }));
  expect(result.current.waiting).toHaveLength(1);
  await act(() => vi.advanceTimersByTimeAsync(7000));
  await waitFor(() => expect(result.current.waiting).toHaveLength(0));
  expect(bodies.map((b) => b.id)).toEqual(['a', 'a', 'a']);
  expect(new Set(bodies.map((b) => b.stamp.typedAt)).size).toBe(1);
});

it('gives a refusal back with its fields and forgets the entry', async () => {
  const problem = { title: 'x', status: 422, detail: 'too deep', errors: [{ pointer: '/depthMeters', code: 'c', message: 'Too deep.', limit: '200 mm', remedy: 'Read again.' }] };
  answers = [new Response(JSON.stringify(problem), { status: 422 })];
  const { result } = stove();
  const sent = await act(() => result.current.send('/readings', { id: 'a', enteredText: '', source: 'TYPED', depthMeters: 1 }, 'b1'));
  expect(sent.kind === 'refused' && sent.error.at('/depthMeters')).toBe('Too deep. Read again.');
  expect(result.current.refused).toHaveLength(0);
});

it('sends in the order of typing, and shows what is refused late until it is left out', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  const problem = { title: 'x', status: 409, detail: 'This batch is off the heat already.', errors: [] };
  answers = [new Error('away'), new Error('away'), new Response(JSON.stringify(problem), { status: 409 })];
  const { result } = stove();
  await act(() => result.current.send('/readings', { id: 'a', enteredText: '9 kg', source: 'TYPED', grossKilograms: 9 }, 'b1'));
  await act(async () => expect(await result.current.send('/finishes', { id: 'b', enteredText: '', note: '' }, 'b1')).toEqual({ kind: 'queued' }));
  await act(() => vi.advanceTimersByTimeAsync(4000));
  expect(bodies.map((b) => b.id)).toEqual(['a', 'a', 'a', 'b']);
  expect(result.current.waiting).toHaveLength(0);
  expect(result.current.refused.map((e) => e.problem?.detail)).toEqual(['This batch is off the heat already.']);
  act(() => result.current.leaveOut(result.current.refused[0]?.key ?? ''));
  expect(result.current.refused).toHaveLength(0);
});
