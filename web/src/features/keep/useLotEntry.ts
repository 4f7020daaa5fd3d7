import { useOutbox, type LotBodies } from '../../api/outbox';
import { useWritten } from '../../ui/useWritten';

/** One entry about a lot, or the beginning of one. */
export function useLotEntry(lotId: string | undefined, onWritten: () => void) {
  const { sendLot } = useOutbox();
  return useWritten<LotBodies>((path, body) => sendLot(path, body, lotId), onWritten);
}
