import { expect, it } from 'vitest';
import type { BatchView } from '../../api/client';
import { fallOf } from './falls';

const at = (minute: number) =>
  new Date(Date.parse('2026-03-02T16:00:00Z') + minute * 60_000).toISOString();

it('lays a batch out from the simmer on, as shares of what was in the pot, up to where it came off', () => {
  const batch = {
    id: 'b',
    forecast: {
      simmerStartedAt: at(0),
      likely: [0, 20, 40, 60, 80].map((m) => ({ at: at(m), massKilograms: 10 - m / 20 })),
      reads: [
        { at: at(40), kilograms: 8.1, ofMass: true, odd: false },
        { at: at(55), kilograms: 9, ofMass: false, odd: false },
      ],
    },
    end: { endedAt: at(60) },
  } as unknown as BatchView;
  const fall = fallOf(batch, 'Rondeau');
  expect(fall.points.map((p) => [p.minute, p.share])).toEqual([
    [0, 1],
    [20, 0.9],
    [40, 0.8],
    [60, 0.7],
  ]);
  expect(fall.reads.map((r) => [r.minute, r.share])).toEqual([[40, expect.closeTo(0.81)]]);
});
