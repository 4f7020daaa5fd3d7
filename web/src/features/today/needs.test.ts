import { describe, expect, it } from 'vitest';
import type { KeepingView, LotView, OnStove, StockItem } from '../../api/client';
import { inOrder, ofKeepings, ofPots, ofStore } from './needs';

const NOW = Date.parse('2026-03-02T15:00:00Z');
const after = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString();
const pot = (id: string, at: number) => ({ id, name: id, steps: [{ done: true, kind: 'ADD', at: after(-60), what: 'Wine' }, { done: false, kind: 'ADD', at: after(at), what: 'Whole milk' }], thickAt: after(90) }) as unknown as OnStove;
const cooling = (id: string, duty: string) => ({ id, name: id, cooling: { duty, marks: [{ state: 'SHOWN', celsius: 21, deadline: after(-5) }, { state: 'IN_TIME', celsius: 5, deadline: after(200) }] } }) as unknown as KeepingView;

describe('what needs someone', () => {
  it('is the next step of each pot, late ones as now', () => {
    const [late, soon, later] = [ofPots([pot('a', -3)], NOW), ofPots([pot('b', 10)], NOW), ofPots([pot('c', 40)], NOW)];
    expect(late).toMatchObject([{ tone: 'alarm', what: 'add the whole milk', to: '/pots/a' }]);
    expect(soon).toMatchObject([{ tone: 'wait' }]);
    expect(later).toMatchObject([{ tone: 'next' }]);
  });

  it('is what a cooling asks for, and its next mark where it asks for nothing', () => {
    expect(ofKeepings([cooling('k', 'GO_ON')], NOW, 'METRIC')).toMatchObject([{ at: NOW + 200 * 60_000, what: 'read it: 5 °C by then' }]);
    expect(ofKeepings([cooling('k', 'GO_ON')], NOW, 'US')).toMatchObject([{ what: 'read it: 41 °F by then' }]);
    expect(ofKeepings([cooling('k', 'DISCARD')], NOW, 'METRIC')).toMatchObject([{ tone: 'alarm', at: NOW }]);
    expect(ofKeepings([cooling('k', 'PUT_AWAY')], NOW, 'METRIC')).toMatchObject([{ tone: 'wait' }]);
  });

  it('is what stands out, before its time is over and after', () => {
    const out = (minutes: number, state: string) => ({ id: 's', name: 'Baked pasta', setOut: { state, discard: after(minutes) } }) as unknown as KeepingView;
    expect(ofKeepings([out(120, 'SERVE')], NOW, 'METRIC')).toMatchObject([{ tone: 'next', at: NOW + 120 * 60_000, what: 'serve what stands out by then' }]);
    expect(ofKeepings([out(20, 'SERVE')], NOW, 'METRIC')).toMatchObject([{ tone: 'wait' }]);
    expect(ofKeepings([out(-1, 'DISCARD')], NOW, 'METRIC')).toMatchObject([{ tone: 'alarm', at: NOW }]);
  });

  it('is a tub at its end or to be moved, and an open pack, but nothing that keeps', () => {
    const lot = (to: Partial<LotView>) => ({ id: 'l', name: 'Base', state: 'CHILLED', daysLeft: 6, plates: 29.6, ...to }) as LotView;
    const pack = (useBy?: string) => ({ id: 's', ingredientId: 'cream', ...(useBy ? { useBy } : {}) }) as StockItem;
    const name = () => 'Cream';
    expect(ofStore([lot({})], [pack(), pack('2026-03-09')], name, NOW)).toEqual([]);
    expect(ofStore([lot({ daysLeft: 1 })], [], name, NOW)).toMatchObject([{ day: 'today', what: 'use it today: about 29 plates' }]);
    expect(ofStore([lot({ daysLeft: 0 })], [pack('2026-03-01')], name, NOW)).toMatchObject([{ tone: 'alarm' }, { tone: 'alarm', name: 'Cream' }]);
    expect(ofStore([lot({ state: 'FROZEN', moveBy: after(-60) })], [], name, NOW)).toMatchObject([{ tone: 'alarm', what: 'move it to thaw' }]);
  });

  it('comes with what is urgent first, then by the clock', () => {
    const order = inOrder([...ofPots([pot('later', 40), pot('late', -3)], NOW), ...ofKeepings([cooling('lost', 'DISCARD')], NOW, 'METRIC')]);
    expect(order.map((n) => n.name)).toEqual(['late', 'lost', 'later']);
  });
});
