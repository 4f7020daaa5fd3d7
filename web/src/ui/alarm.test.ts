import { act, renderHook } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createElement, type ReactNode } from 'react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { TaskView } from '../api/client';
import { attention, nextTurn } from '../api/tasks';
import { itIs } from '../test/stove';
import { ringing, useAlarm, useRinging } from './alarm';

const AT = Date.parse('2026-03-02T17:00:00Z');
const after = (minutes: number) => new Date(AT + minutes * 60_000).toISOString();
const task = (key: string, alarmAfter: number, to: Partial<TaskView> = {}) =>
  ({
    key,
    what: key,
    waitFrom: after(alarmAfter - 15),
    alarmFrom: after(alarmAfter),
    ...to,
  }) as TaskView;

beforeEach(() => localStorage.clear());

it('rings for what is late by the clock: not for what is to come, over, or due on a day', () => {
  const all = [
    task('stir', -5),
    task('milk', 10),
    task('use a tub', -60, { day: '2026-03-02' }),
    task('sweat', -30, { over: after(-1) }),
  ];
  expect(ringing(all, AT).map((t) => t.key)).toEqual(['stir']);
  expect(ringing(all, AT + 10 * 60_000).map((t) => t.key)).toEqual(['stir', 'milk']);
  expect(all.map((t) => attention(t, AT))).toEqual(['ALARM', 'WAIT', 'ALARM', 'ALARM']);
  expect(nextTurn(all, AT)).toBe(AT + 10 * 60_000);
});

it('rings once for each, on any page, with tones made here, and not again after a reload', async () => {
  const started: number[] = [];
  const gain = { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() };
  class Tones {
    currentTime = 0;
    state = 'running';
    destination = {};
    resume = () => Promise.resolve();
    createGain = () => ({ gain, connect: vi.fn() });
    createOscillator = () => ({
      frequency: { value: 0 },
      connect: () => ({ connect: vi.fn() }),
      start: (at: number) => started.push(at),
      stop: vi.fn(),
    });
  }
  vi.stubGlobal('AudioContext', Tones);
  itIs(new Date(AT).toISOString());
  const around = (tasks: TaskView[]) => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    client.setQueryData(['tasks'], tasks);
    return {
      wrapper: ({ children }: { children: ReactNode }) =>
        createElement(QueryClientProvider, { client }, children),
    };
  };
  const useBoth = () => {
    useRinging();
    return useAlarm();
  };
  const first = renderHook(useBoth, around([task('milk', 60)]));
  expect(first.result.current.on).toBe(false);
  await act(async () => first.result.current.turn(true));
  const turnedOn = started.length;
  expect(turnedOn).toBeGreaterThan(0);
  first.unmount();
  renderHook(useBoth, around([task('milk', 60), task('stir', -5)])).unmount();
  expect(started.length).toBeGreaterThan(turnedOn);
  const rang = started.length;
  expect(renderHook(useBoth, around([task('stir', -5)])).result.current.on).toBe(true);
  expect(started).toHaveLength(rang);
  vi.unstubAllGlobals();
});
