import type { KeepingView, LotView, OnStove, StockItem } from '../../api/client';
import { show, type Units } from '../../quantities';

/** Something that needs someone: what, by when, where to go. */
export interface Need { key: string; at: number; day?: 'today' | 'tomorrow'; tone: 'alarm' | 'wait' | 'next'; kind: 'pot' | 'hot' | 'out' | 'cooling' | 'tub' | 'pack'; name: string; what: string; to: string }

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;
/** Whoever serves what stands out is told so long before its time is over. */
const LAST_CALL_MS = 15 * MINUTE_MS;
/** Packs and thaws are looked ahead for so long. */
const AHEAD_DAYS = 2;

const ms = (at: string) => new Date(at).getTime();
const tone = (at: number, now: number): Need['tone'] => (at <= now ? 'alarm' : at <= now + 15 * MINUTE_MS ? 'wait' : 'next');

/** The next step of a pot; the one that is late first. */
export function ofPots(batches: OnStove[], now: number): Need[] {
  return batches.flatMap((b) => {
    const steps = b.steps.filter((s) => !s.done && s.kind !== 'READ').map((s) => ({ at: ms(s.at), what: s.kind === 'ADD' ? `add the ${s.what.toLowerCase()}` : s.what.toLowerCase() }));
    const thick = b.thickAt ? [{ at: ms(b.thickAt), what: 'thick enough' }] : [];
    const next = [...steps, ...thick].toSorted((a, c) => a.at - c.at)[0];
    return next ? [{ key: `pot ${b.id}`, at: next.at, tone: tone(next.at, now), kind: 'pot' as const, name: b.name, what: next.what, to: `/pots/${b.id}` }] : [];
  });
}

/** What holds and coolings ask for. */
export function ofKeepings(keepings: KeepingView[], now: number, units: Units): Need[] {
  return keepings.flatMap((k): Need[] => {
    const base = { key: `keep ${k.id}`, name: k.name, to: '/keep' };
    if (k.cooling) {
      const { duty, marks } = k.cooling;
      const next = marks.find((m) => m.state !== 'SHOWN' && m.state !== 'RECKONED');
      const at = next ? ms(next.deadline) : now;
      if (duty === 'DISCARD') return [{ ...base, at: now, tone: 'alarm', kind: 'cooling', what: 'throw it away: it was not cold in time' }];
      if (duty === 'PUT_AWAY') return [{ ...base, at: now, tone: 'wait', kind: 'cooling', what: 'cold in time: into tubs, dated' }];
      if (duty === 'READ_NOW') return [{ ...base, at: now, tone: 'alarm', kind: 'cooling', what: 'read it: a mark is past' }];
      if (duty === 'COOL_FASTER' || duty === 'COOL_FASTER_OR_REHEAT') return [{ ...base, at: now, tone: 'alarm', kind: 'cooling', what: 'will not be cold in time: cool it otherwise' }];
      return [{ ...base, at, tone: tone(at, now), kind: 'cooling', what: next ? `read it: ${show.text(show.temperature(next.celsius, units, 0))} by then` : 'read it' }];
    }
    if (k.setOut) {
      const by = ms(k.setOut.discard);
      const over = k.setOut.state === 'DISCARD';
      return [{ ...base, at: over ? now : by, tone: over ? 'alarm' : tone(by - LAST_CALL_MS, now), kind: 'out', what: over ? 'throw it away: its time is over' : 'serve what stands out by then' }];
    }
    if (!k.hold) return [];
    const { state, act, discard } = k.hold;
    const at = act ? ms(act) : ms(discard);
    const what = state === 'HOT' ? 'read its temperature' : state === 'TO_READ' ? 'read its temperature: nobody has for long' : state === 'REHEAT' ? 'it fell below the limit: reheat it' : 'throw it away';
    return [{ ...base, at, tone: state === 'HOT' ? tone(at, now) : 'alarm', kind: 'hot', what }];
  });
}

/** Tubs that are due or must be moved to thaw, and packs at their end. */
export function ofStore(lots: LotView[], stock: StockItem[], name: (id: string) => string, now: number): Need[] {
  const tubs = lots.flatMap((l): Need[] => {
    const base = { key: `lot ${l.id}`, kind: 'tub' as const, name: l.name, to: `/keep/lots/${l.id}` };
    if (l.moveBy && ms(l.moveBy) < now + AHEAD_DAYS * DAY_MS) return [{ ...base, at: ms(l.moveBy), tone: tone(ms(l.moveBy), now), what: 'move it to thaw' }];
    if (l.state !== 'CHILLED' || l.daysLeft > AHEAD_DAYS) return [];
    return [{ ...base, at: now + Math.max(0, l.daysLeft) * DAY_MS, ...(l.daysLeft === 1 ? { day: 'today' as const } : l.daysLeft === 2 ? { day: 'tomorrow' as const } : {}), tone: l.daysLeft <= 0 ? 'alarm' : l.daysLeft === 1 ? 'wait' : 'next', what: l.daysLeft <= 0 ? 'past its date: throw it away' : l.daysLeft === 1 ? `use it today: about ${Math.floor(l.plates)} plates` : 'use it by tomorrow' }];
  });
  const packs = stock.flatMap((s): Need[] => {
    if (!s.useBy) return [];
    const at = ms(`${s.useBy}T23:59:59Z`);
    if (at > now + AHEAD_DAYS * DAY_MS) return [];
    return [{ key: `pack ${s.id}`, kind: 'pack', name: name(s.ingredientId), to: '/pantry', at, tone: at < now ? 'alarm' : at < now + DAY_MS ? 'wait' : 'next', what: at < now ? 'open for too long' : 'open: use it up' }];
  });
  return [...tubs, ...packs];
}

const RANK: Record<Need['tone'], number> = { alarm: 0, wait: 1, next: 2 };

/** What needs someone now first, then by the clock. */
export const inOrder = (needs: Need[]): Need[] => needs.toSorted((a, b) => RANK[a.tone] - RANK[b.tone] || a.at - b.at);
