import { useCallback } from 'react';
import { newId, type ServiceWrites } from '../../../api/client';
import { useOutbox, type Sent } from '../../../api/outbox';

type Kind = ServiceWrites['SayOfService']['kind'];
type More = Omit<ServiceWrites['SayOfService'], 'id' | 'kind' | 'stamp'>;
export type Say = (kind: Kind, more?: More) => Promise<void>;

interface Saying {
  say: Say;
  /** What was moved in a calendar is wanted there. */
  take: (calendar: string) => Promise<void>;
  end: () => Promise<void>;
  /** It goes on after all. */
  reopen: () => Promise<void>;
}

/** A refusal is said above the page. */
function told(sent: Sent): void {
  if (sent.kind === 'refused') throw sent.error;
}

/** Says something of a service; kept on the device while the network is away. */
export function useSay(serviceId: string): Saying {
  const { sendService } = useOutbox();
  const say = useCallback(
    async (kind: Kind, more: More = {}) =>
      told(await sendService('/entries', { id: newId(), kind, ...more }, serviceId)),
    [sendService, serviceId],
  );
  const take = useCallback(
    async (calendar: string) =>
      told(await sendService('/calendars', { id: newId(), calendar }, serviceId)),
    [sendService, serviceId],
  );
  const end = useCallback(
    async () => told(await sendService('/ends', { id: newId() }, serviceId)),
    [sendService, serviceId],
  );
  const reopen = useCallback(
    async () => told(await sendService('/reopenings', { id: newId() }, serviceId)),
    [sendService, serviceId],
  );
  return { say, take, end, reopen };
}
