import type { BatchView } from '../../api/client';
import { batch as pot, kitchen, serve } from '../../test/stove';

/** A finished batch, weighed at its end. */
export const batch = (over: object = {}): BatchView =>
  ({
    ...pot,
    status: 'FINISHED',
    formulaId: 'plain-marinara',
    schools: [{ question: 'Garlic', option: 'sliced' }],
    declaration: { allergens: [], asked: [], diets: [], unknown: [], inWords: '' },
    end: {
      endedAt: '2026-03-02T17:40:00Z',
      finalMassKilograms: 3.85,
      reachedSolidsFraction: 0.108,
      note: 'less salt',
    },
    planned: {
      endMassKilograms: 3.9,
      amounts: [
        { ingredientId: 'tomato', name: 'Canned tomatoes' },
        { ingredientId: 'salt', name: 'Table salt' },
      ],
    },
    forecast: {
      ...pot.forecast,
      simmerStartedAt: '2026-03-02T16:10:00Z',
      evaporationFactor: 1.12,
      likely: [
        { at: '2026-03-02T16:10:00Z', massKilograms: 6.4 },
        { at: '2026-03-02T17:40:00Z', massKilograms: 3.85 },
        { at: '2026-03-02T18:40:00Z', massKilograms: 3.1 },
      ],
      heats: [],
      reads: [{ at: '2026-03-02T16:40:00Z', kilograms: 5.78, ofMass: true }],
      lines: [
        { name: 'Table salt', dueKilograms: 0.016, poured: false },
        { name: 'Canned tomatoes', dueKilograms: 6.3, poured: true },
      ],
    },
    events: [
      {
        id: 'p1',
        kind: 'POURED',
        happenedAt: '2026-03-02T16:02:00Z',
        what: 'Canned tomatoes',
        massKilograms: 6.3,
        struckOut: false,
      },
      {
        id: 'p2',
        kind: 'LADLED_OUT',
        happenedAt: '2026-03-02T17:00:00Z',
        what: '',
        massKilograms: 0.2,
        struckOut: true,
      },
    ],
    ...over,
  }) as unknown as BatchView;

/** What its pages ask for. */
export const pages = (more: Record<string, unknown> = {}) =>
  serve({
    '/api/kitchen': kitchen,
    '/api/batches/b1': batch(),
    '/api/batches/b1/as-made': { differences: [] },
    '/api/stage-notes': { own: [], earlier: [] },
    '/api/pantry/stock': [
      { id: 's1', ingredientId: 'tomato', code: 'L 204' },
      { id: 's2', ingredientId: 'salt', code: 'S 9' },
    ],
    ...more,
  });
