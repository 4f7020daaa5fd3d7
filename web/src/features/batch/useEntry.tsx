import { useOutbox, type Bodies, type BatchWrite } from '../../api/outbox';
import { useWritten } from '../../ui/useWritten';

/** One entry about a batch. */
export function useEntry(batchId: string, onWritten: () => void) {
  const { send } = useOutbox();
  return useWritten<Pick<Bodies, BatchWrite>>((path, body) => send(path as BatchWrite, body as never, batchId), onWritten);
}
