import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { newId, type KeepingWrites, type LotWrites, type Problem, type Writes } from './client';
import { isProblem, ProblemError } from './problem';

/** What is typed; when it was typed and sent is added here. */
type Unstamped<T> = Omit<T, 'stamp'> & { happenedLocalTime?: string };
type Typed<K extends keyof Writes> = Unstamped<Writes[K]>;
type TypedOfKept<K extends keyof KeepingWrites> = Unstamped<KeepingWrites[K]>;
export interface Bodies {
  '/api/batches': Typed<'StartBatch'>;
  '/simmer-starts': Typed<'SimmerStart'>;
  '/readings': Typed<'TakeReading'>;
  '/pours': Typed<'Pour'>;
  '/additions': Typed<'Add'>;
  '/ladlings': Typed<'LadleOut'>;
  '/take-outs': Typed<'TakePiecesOut'>;
  '/heats': Typed<'SetHeat'>;
  '/targets': Typed<'SetTarget'>;
  '/steps': Typed<'DoStep'>;
  '/tastings': Typed<'Taste'>;
  '/cup-trials': Typed<'TryCups'>;
  '/strike-outs': Typed<'StrikeOut'>;
  '/restorations': Typed<'Restore'>;
  '/finishes': Typed<'Finish'>;
}
/** What is written of something held or cooling. */
export interface KeptBodies {
  '/coolings': TypedOfKept<'StartCooling'>;
  '/holds': TypedOfKept<'StartHold'>;
  '/set-outs': TypedOfKept<'SetOut'>;
  '/readings': TypedOfKept<'ReadTemperature'>;
  '/placings': TypedOfKept<'PlaceOtherwise'>;
  '/stirrings': TypedOfKept<'Stir'>;
  '/reheatings': TypedOfKept<'Reheat'>;
  '/top-ups': TypedOfKept<'TopUp'>;
  '/strike-outs': TypedOfKept<'StrikeOutOfKeeping'>;
  '/closings': TypedOfKept<'Close'>;
}
/** What is written about tubs; the first two begin a lot. */
export interface LotBodies {
  '': Unstamped<LotWrites['PutAway']>;
  '/mergers': Unstamped<LotWrites['Merge']>;
  '/moves': Unstamped<LotWrites['Move']>;
  '/uses': Unstamped<LotWrites['Use']>;
  '/splits': Unstamped<LotWrites['SplitLot']>;
  '/discards': Unstamped<LotWrites['Discard']>;
}
type Kind = keyof Bodies;
/** Writes of one batch. */
export type BatchWrite = Exclude<Kind, '/api/batches'>;
/** One write as it was typed. With a problem it reached the server late and was refused. */
export interface Entry { key: string; path: string; typedAt: string; body: Record<string, unknown>; problem?: Problem }
export type Sent = { kind: 'recorded' } | { kind: 'queued' } | { kind: 'refused'; error: ProblemError };

const KEPT = 'urnstew.outbox';
const AGAIN_MS = 3000;
const REFUSED: Problem = { title: 'Refused', status: 400, detail: 'The server refused this entry.', errors: [] };
const listeners = new Set<() => void>();
const read = (): string => localStorage.getItem(KEPT) ?? '[]';
const entries = (): Entry[] => JSON.parse(read()) as Entry[];
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
const keep = (next: Entry[]): void => {
  localStorage.setItem(KEPT, JSON.stringify(next));
  listeners.forEach((l) => l());
};
const leaveOut = (key: string): void => keep(entries().filter((e) => e.key !== key));

/** Posts one write: what the server made of it, or 'away' when it did not answer. */
async function deliver(entry: Entry): Promise<'recorded' | 'away' | Problem> {
  const { happenedLocalTime, ...body } = entry.body;
  const stamp = { typedAt: entry.typedAt, sentAt: new Date().toISOString(), ...(happenedLocalTime ? { happenedLocalTime } : {}) };
  const response = await fetch(entry.path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...body, stamp }),
  }).catch(() => undefined);
  if (!response || response.status >= 500) return 'away';
  if (response.ok) return 'recorded';
  const problem: unknown = await response.json().catch(() => undefined);
  return isProblem(problem) ? problem : REFUSED;
}

/** Sends what waits in the order in which it was typed: a reading never arrives after the end. */
async function deliverAll(): Promise<void> {
  for (let next = nextWaiting(); next; next = nextWaiting()) {
    const { key } = next;
    const outcome = await deliver(next);
    if (outcome === 'away') return;
    if (outcome === 'recorded') leaveOut(key);
    else keep(entries().map((e) => (e.key === key ? { ...e, problem: outcome } : e)));
  }
}
const nextWaiting = (): Entry | undefined => entries().find((e) => !e.problem);

let delivering: Promise<void> | undefined;
const drain = (): Promise<void> => (delivering ??= deliverAll().finally(() => { delivering = undefined; }));

/** Keeps a write on the device until the server has answered, and says what became of it. */
async function kept(path: string, body: object, refresh: () => Promise<void>): Promise<Sent> {
  const entry: Entry = { key: newId(), path, typedAt: new Date().toISOString(), body: { ...body } };
  keep([...entries(), entry]);
  await drain();
  // Not waited for: with the network away it would hold the cook up.
  void refresh();
  const left = entries().find((e) => e.key === entry.key);
  if (!left) return { kind: 'recorded' };
  if (!left.problem) return { kind: 'queued' };
  // Whoever typed it still sees it and can mend it.
  leaveOut(entry.key);
  return { kind: 'refused', error: new ProblemError(left.problem) };
}

/**
 * Writes at the stove: kept on the device until the server has answered, sent again with the same
 * identity, so that each arrives once.
 */
export function useOutbox() {
  const queries = useQueryClient();
  const refresh = useCallback(async () => {
    await Promise.all([queries.invalidateQueries({ queryKey: ['batches'] }), queries.invalidateQueries({ queryKey: ['keepings'] }), queries.invalidateQueries({ queryKey: ['lots'] })]);
  }, [queries]);
  const send = useCallback(<K extends Kind>(kind: K, body: Bodies[K], batchId?: string) => kept(batchId ? `/api/batches/${batchId}${kind}` : kind, body, refresh), [refresh]);
  const sendKept = useCallback(<K extends keyof KeptBodies>(kind: K, body: KeptBodies[K], keepingId?: string) => kept(`/api/keepings${keepingId ? `/${keepingId}` : ''}${kind}`, body, refresh), [refresh]);
  const sendLot = useCallback(<K extends keyof LotBodies>(kind: K, body: LotBodies[K], lotId?: string) => kept(`/api/lots${lotId ? `/${lotId}` : ''}${kind}`, body, refresh), [refresh]);
  return { send, sendKept, sendLot, refresh };
}

/** What waits for the server, and what it refused after the screen on which it was typed was left. */
export function useEntries() {
  const all = JSON.parse(useSyncExternalStore(subscribe, read)) as Entry[];
  return { waiting: all.filter((e) => !e.problem), refused: all.filter((e) => e.problem), leaveOut };
}

/** Keeps trying while something waits. Used once, in the frame. */
export function useRetries(waiting: number): void {
  const { refresh } = useOutbox();
  useEffect(() => {
    if (waiting === 0) return;
    const again = () => void drain().then(refresh);
    const timer = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [refresh, waiting]);
}
