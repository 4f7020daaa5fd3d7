import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { newId, type Problem, type Writes } from './client';
import { isProblem, ProblemError } from './problem';

type Stamped = 'typedAt' | 'sentAt';
interface Bodies {
  '/api/batches': Omit<Writes['StartBatch'], Stamped>;
  '/simmer-starts': Omit<Writes['SimmerStart'], Stamped>;
  '/readings': Omit<Writes['TakeReading'], Stamped>;
  '/strike-outs': Omit<Writes['StrikeOut'], Stamped>;
  '/finishes': Omit<Writes['Finish'], Stamped>;
}
type Kind = keyof Bodies;
interface Queued { key: string; path: string; typedAt: string; body: Record<string, unknown> }
export type Sent = { kind: 'recorded' } | { kind: 'queued' } | { kind: 'refused'; error: ProblemError };

const KEPT = 'urnstew.outbox';
const AGAIN_MS = 3000;
const listeners = new Set<() => void>();
const read = (): string => localStorage.getItem(KEPT) ?? '[]';
const waiting = (): Queued[] => JSON.parse(read()) as Queued[];
const keep = (queue: Queued[]): void => {
  localStorage.setItem(KEPT, JSON.stringify(queue));
  listeners.forEach((l) => l());
};
const drop = (key: string): void => keep(waiting().filter((q) => q.key !== key));

/** Posts one write; a write that the server did not answer stays in the queue. */
async function post(entry: Queued): Promise<Sent> {
  const response = await fetch(entry.path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...entry.body, typedAt: entry.typedAt, sentAt: new Date().toISOString() }),
  }).catch(() => undefined);
  if (!response || response.status >= 500) return { kind: 'queued' };
  drop(entry.key);
  if (response.ok) return { kind: 'recorded' };
  const problem: unknown = await response.json().catch(() => undefined);
  const plain: Problem = { title: 'Refused', status: response.status, detail: 'The server refused this entry.', errors: [] };
  return { kind: 'refused', error: new ProblemError(isProblem(problem) ? problem : plain) };
}

/**
 * Writes at the stove: kept on the device until the server has answered, sent again with the same
 * identity, so that each arrives once.
 */
export function useOutbox() {
  const queries = useQueryClient();
  const queued = (JSON.parse(useSyncExternalStore((l) => (listeners.add(l), () => listeners.delete(l)), read)) as Queued[]).length;
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: ['batches'] }), [queries]);
  const send = useCallback(async <K extends Kind>(kind: K, body: Bodies[K], batchId?: string): Promise<Sent> => {
    const path = batchId ? `/api/batches/${batchId}${kind}` : kind;
    const entry: Queued = { key: newId(), path, typedAt: new Date().toISOString(), body: { ...body } };
    keep([...waiting(), entry]);
    const sent = await post(entry);
    await refresh();
    return sent;
  }, [refresh]);
  return { send, queued, refresh };
}

/** Keeps trying while something waits. Used once, where the stove is. */
export function useOutboxRetries(refresh: () => Promise<void>, queued: number): void {
  useEffect(() => {
    if (queued === 0) return;
    const again = async () => {
      for (const entry of waiting()) {
        if ((await post(entry)).kind === 'queued') return;
      }
      await refresh();
    };
    const timer = setInterval(() => void again(), AGAIN_MS);
    const online = () => void again();
    window.addEventListener('online', online);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', online);
    };
  }, [refresh, queued]);
}
