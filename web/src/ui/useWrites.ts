import { useCallback } from 'react';
import {
  nameOf,
  useOutbox,
  type BatchWrite,
  type Bodies,
  type KeptBodies,
  type Sent,
} from '../api/outbox';
import { useUndo } from './undo';

/** What ends a thing, or is a way back itself, is not struck out. */
const NOT_STRUCK_OUT = ['/finishes', '/closings', '/strike-outs', '/restorations', '/take-backs'];

/** Offers to strike out what was just written between a beginning and an end. */
function useOfferOfStriking() {
  const offer = useUndo();
  return useCallback(
    (of: 'batches' | 'keepings', kind: string, id: string, eventId: string, sent: Sent): Sent => {
      if (sent.kind !== 'refused' && !NOT_STRUCK_OUT.includes(kind))
        offer({
          words: `${nameOf({ path: `/api/${of}/${id}${kind}` })}: written down.`,
          acts: [{ of, id, by: '/strike-outs', eventId }],
        });
      return sent;
    },
    [offer],
  );
}

/** Writes about a pot, each with its way back. */
export function usePotWrites() {
  const { send } = useOutbox();
  const offered = useOfferOfStriking();
  return useCallback(
    async <K extends BatchWrite>(kind: K, body: Bodies[K], batchId: string) =>
      offered('batches', kind, batchId, body.id, await send(kind, body, batchId)),
    [send, offered],
  );
}

/** Writes about something held hot, cooling or left out; what begins it has no way back. */
export function useKeptWrites() {
  const { sendKept } = useOutbox();
  const offered = useOfferOfStriking();
  return useCallback(
    async <K extends keyof KeptBodies>(kind: K, body: KeptBodies[K], keepingId?: string) => {
      const sent = await sendKept(kind, body, keepingId);
      return keepingId ? offered('keepings', kind, keepingId, body.id, sent) : sent;
    },
    [sendKept, offered],
  );
}
