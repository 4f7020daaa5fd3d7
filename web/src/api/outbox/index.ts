import { useQueryClient } from '@tanstack/react-query';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useRef } from 'react';
import { newId, type Problem } from '../client';
import { ProblemError } from '../problem';
import type { Back, Bodies, KeptBodies, LotBodies, ServiceBodies } from './bodies';
import { deliver, drain, drainAll } from './delivery';
import { add, all, find, leaveOut, queueOf, unpark, type Entry } from './store';
import { report } from '../report';

export type { Back, BatchWrite, Bodies, KeptBodies, LotBodies, ServiceBodies } from './bodies';
export { nameOf } from './names';
export type { Entry } from './store';
export type Sent =
  { kind: 'recorded' } | { kind: 'queued' } | { kind: 'refused'; error: ProblemError };

const AGAIN_MS = 3000;
/** Longer than this nobody stands before a screen that says nothing: the entry goes on by itself. */
const PATIENCE_MS = 4000;
const NOT_KEPT: Problem = {
  title: 'Away',
  status: 0,
  errors: [],
  detail:
    'The kitchen’s server does not answer, and this device keeps nothing. Leave it typed here, and send it again.',
};
const refused = (problem: Problem): Sent => ({ kind: 'refused', error: new ProblemError(problem) });

/** Where the browser keeps nothing, a write is sent and not kept. */
async function sentOnly(entry: Entry): Promise<Sent> {
  const outcome = await deliver(entry);
  if (outcome === 'recorded') return { kind: 'recorded' };
  return refused(typeof outcome === 'string' ? NOT_KEPT : outcome);
}

/**
 * Keeps a write on the device until the server has answered, and says what became of it.
 * @param isSeen whether whoever typed it still sees where it was typed
 */
async function kept(
  path: string,
  typed: object,
  isSeen: () => boolean,
  refresh: () => Promise<void>,
): Promise<Sent> {
  const body: Record<string, unknown> = { ...typed };
  const entry: Entry = {
    key: newId(),
    queue: queueOf(path, body),
    path,
    typedAt: new Date().toISOString(),
    body,
    faults: 0,
  };
  const isKept = await add(entry).then(
    () => true,
    () => false,
  );
  if (!isKept) return sentOnly(entry);
  await Promise.race([
    drain(entry.queue),
    new Promise<void>((go) => {
      setTimeout(go, PATIENCE_MS);
    }),
  ]);
  // Not waited for: with the network away it would hold the cook up.
  refresh().catch(report);
  const left = await find(entry.key);
  if (!left) return { kind: 'recorded' };
  if (!left.problem) return { kind: 'queued' };
  // Whoever typed it sees it and can mend it; where nobody does any more, it stays parked.
  if (isSeen()) await leaveOut(entry.key);
  return refused(left.problem);
}

/**
 * Writes at the stove: kept on the device until the server has answered, sent again with the same
 * identity, so that each arrives once.
 */
export function useOutbox() {
  const queries = useQueryClient();
  const seen = useRef(false);
  useEffect(() => {
    seen.current = true;
    return () => {
      seen.current = false;
    };
  }, []);
  const isSeen = useCallback(() => seen.current, []);
  const refresh = useCallback(async () => {
    await Promise.all([
      queries.invalidateQueries({ queryKey: ['batches'] }),
      queries.invalidateQueries({ queryKey: ['keepings'] }),
      queries.invalidateQueries({ queryKey: ['lots'] }),
      queries.invalidateQueries({ queryKey: ['services'] }),
    ]);
  }, [queries]);
  const to = useCallback(
    (path: string, body: object) => kept(path, body, isSeen, refresh),
    [isSeen, refresh],
  );
  const send = useCallback(
    <K extends keyof Bodies>(kind: K, body: Bodies[K], batchId?: string) =>
      to(batchId ? `/api/batches/${batchId}${kind}` : kind, body),
    [to],
  );
  const sendKept = useCallback(
    <K extends keyof KeptBodies>(kind: K, body: KeptBodies[K], keepingId?: string) =>
      to(`/api/keepings${keepingId ? `/${keepingId}` : ''}${kind}`, body),
    [to],
  );
  const sendLot = useCallback(
    <K extends keyof LotBodies>(kind: K, body: LotBodies[K], lotId?: string) =>
      to(`/api/lots${lotId ? `/${lotId}` : ''}${kind}`, body),
    [to],
  );
  const sendService = useCallback(
    <K extends keyof ServiceBodies>(kind: K, body: ServiceBodies[K], serviceId?: string) =>
      to(`/api/services${serviceId ? `/${serviceId}` : ''}${kind}`, body),
    [to],
  );
  const sendBack = useCallback(
    ({ of, id, by, eventId }: Back) => {
      const struck = by === '/strike-outs' ? { reason: 'taken back' } : {};
      return to(`/api/${of}/${id}${by}`, { id: newId(), eventId, ...struck });
    },
    [to],
  );
  return { send, sendKept, sendLot, sendService, sendBack, refresh };
}

const NONE: Entry[] = [];

/** What waits for the server, and what is parked: refused after its screen was left, or failing always. */
export function useEntries() {
  const { refresh } = useOutbox();
  const entries = useLiveQuery(() => all().catch(() => NONE), []) ?? NONE;
  const sendAgain = useCallback(
    async (entry: Entry) => {
      await unpark(entry.key);
      await drain(entry.queue);
      await refresh();
    },
    [refresh],
  );
  return {
    waiting: entries.filter((e) => !e.problem),
    parked: entries.filter((e) => e.problem),
    leaveOut,
    sendAgain,
  };
}

/** Keeps trying while something waits. Used once, in the frame. */
export function useRetries(waiting: number): void {
  const { refresh } = useOutbox();
  useEffect(() => {
    if (waiting === 0) return;
    const again = () => {
      drainAll().then(refresh).catch(report);
    };
    const timer = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [refresh, waiting]);
}
