import type { FieldValues } from 'react-hook-form';
import type { Bodies, BatchWrite, LotBodies } from '../../api/outbox';
import { useEntrySheet } from '../../ui/useSheet';
import { useLotWrites, usePotWrites } from '../../ui/useWrites';

type Entries = Pick<Bodies, BatchWrite> & Pick<LotBodies, '/uses'>;

interface Entry<T> {
  batchId: string;
  /** Which sheet it is: what is typed on it is kept by that and the batch. */
  sheet: string;
  start: T;
  onWritten: (id: string) => void;
}

/** One entry about a batch; what comes out of a tub is written about the tub, which tells the pot. */
export function useEntry<T extends FieldValues>({ batchId, sheet, start, onWritten }: Entry<T>) {
  const writeOfTub = useLotWrites();
  const write = usePotWrites();
  return useEntrySheet<Entries, T>(
    (path, body, tubId) =>
      path === '/uses'
        ? writeOfTub('/uses', body as LotBodies['/uses'], tubId)
        : write(path as BatchWrite, body as never, batchId),
    onWritten,
    start,
    `${sheet} ${batchId}`,
  );
}
