import { useOutbox, type Bodies, type BatchWrite, type LotBodies } from '../../api/outbox';
import { useWritten } from '../../ui/useWritten';

type Entries = Pick<Bodies, BatchWrite> & Pick<LotBodies, '/uses'>;

/** One entry about a batch; what comes out of a tub is written about the tub, which tells the pot. */
export function useEntry(batchId: string, onWritten: (id: string) => void, tubId = '') {
  const { send, sendLot } = useOutbox();
  return useWritten<Entries>(
    (path, body) =>
      path === '/uses'
        ? sendLot('/uses', body as LotBodies['/uses'], tubId)
        : send(path as BatchWrite, body as never, batchId),
    onWritten,
  );
}
