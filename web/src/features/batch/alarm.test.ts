import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { OnStove } from '../../api/client';
import { dueAt, useAlarm } from './alarm';

const step = (key: string, kind: string, at: string, done = false) => ({ key, kind, at, what: 'Stir to the floor', detail: '', kilograms: 0, line: -1, done });
const pot = (id: string, simmerStartedAt: string, steps: object[]) => ({ id, name: `Pot ${id}`, simmerStartedAt, thickAt: '2026-03-02T18:00:00Z', steps }) as unknown as OnStove;
const AT = Date.parse('2026-03-02T17:00:00Z');

beforeEach(() => localStorage.clear());

it('finds what is due at any pot: nothing that is done, to come, or before the simmer', () => {
  const one = pot('a', '2026-03-02T16:00:00Z', [step('stir', 'STIR', '2026-03-02T16:55:00Z'), step('taste', 'TASTE', '2026-03-02T16:50:00Z', true), step('line-3', 'ADD', '2026-03-02T17:10:00Z')]);
  const other = pot('b', '2026-03-02T17:30:00Z', [step('stir', 'STIR', '2026-03-02T16:00:00Z')]);
  expect(dueAt([one, other], AT).map((d) => [d.batchId, d.what])).toEqual([['a', 'stir to the floor']]);
  expect(dueAt([one], Date.parse('2026-03-02T18:00:01Z')).map((d) => d.what)).toContain('thick enough');
});

it('rings once for each, with tones made here, and not again after a reload', async () => {
  const started: number[] = [];
  const gain = { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() };
  class Tones {
    currentTime = 0;
    state = 'running';
    destination = {};
    resume = () => Promise.resolve();
    createGain = () => ({ gain, connect: vi.fn() });
    createOscillator = () => ({ frequency: { value: 0 }, connect: () => ({ connect: vi.fn() }), start: (at: number) => started.push(at), stop: vi.fn() });
  }
  vi.stubGlobal('AudioContext', Tones);
  const due = dueAt([pot('a', '2026-03-02T16:00:00Z', [step('stir', 'STIR', '2026-03-02T16:55:00Z')])], AT);
  const first = renderHook(() => useAlarm(due));
  expect(first.result.current.on).toBe(false);
  await act(async () => first.result.current.turn(true));
  const whenTurnedOn = started.length;
  expect(whenTurnedOn).toBeGreaterThan(0);
  first.unmount();
  const again = renderHook(() => useAlarm(due));
  expect(again.result.current.on).toBe(true);
  expect(started).toHaveLength(whenTurnedOn);
  vi.unstubAllGlobals();
});
