import { useCallback } from 'react';
import {
  nameOf,
  useOutbox,
  type Back,
  type BatchWrite,
  type Bodies,
  type KeptBodies,
  type LotBodies,
  type Sent,
} from '../api/outbox';
import { useUndo } from './undo';

/** What is a way back itself has none; heat off has its own words, and a page to go back to. */
const NO_WAY_BACK = ['/finishes', '/strike-outs', '/restorations', '/take-backs'];

/** How an entry is undone; what begins a thing has the identity of the thing. */
function backFrom(of: Back['of'], kind: string, eventId: string, id?: string): Back {
  const begins = id === undefined || kind === '/splits';
  const between = !begins && of !== 'lots' && kind !== '/closings';
  return {
    of,
    id: begins ? eventId : id,
    by: between ? '/strike-outs' : '/take-backs',
    eventId,
  };
}

/** Offers the way back from what was just written. */
function useOfferOfBack() {
  const offer = useUndo();
  return useCallback(
    (of: Back['of'], kind: string, eventId: string, id: string | undefined, sent: Sent): Sent => {
      const path = ['/api', of, id].filter(Boolean).join('/') + kind;
      if (sent.kind !== 'refused' && !NO_WAY_BACK.includes(kind))
        offer({
          words: `${nameOf({ path })}: written down.`,
          acts: [backFrom(of, kind, eventId, id)],
        });
      return sent;
    },
    [offer],
  );
}

/** Writes about a pot, each with its way back. */
export function usePotWrites() {
  const { send } = useOutbox();
  const offered = useOfferOfBack();
  return useCallback(
    async <K extends BatchWrite>(kind: K, body: Bodies[K], batchId: string) =>
      offered('batches', kind, body.id, batchId, await send(kind, body, batchId)),
    [send, offered],
  );
}

/** Writes about something held hot, cooling or left out, and its beginning: each can go back. */
export function useKeptWrites() {
  const { sendKept } = useOutbox();
  const offered = useOfferOfBack();
  return useCallback(
    async <K extends keyof KeptBodies>(kind: K, body: KeptBodies[K], keepingId?: string) =>
      offered('keepings', kind, body.id, keepingId, await sendKept(kind, body, keepingId)),
    [sendKept, offered],
  );
}

/** Writes about tubs, and how they are filled, parted or joined: each can go back. */
export function useLotWrites() {
  const { sendLot } = useOutbox();
  const offered = useOfferOfBack();
  return useCallback(
    async <K extends keyof LotBodies>(kind: K, body: LotBodies[K], lotId?: string) =>
      offered('lots', kind, body.id, lotId, await sendLot(kind, body, lotId)),
    [sendLot, offered],
  );
}
