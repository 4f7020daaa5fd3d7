import type { FieldValues } from 'react-hook-form';
import type { LotBodies } from '../../api/outbox';
import { useEntrySheet } from '../../ui/useSheet';
import { useLotWrites } from '../../ui/useWrites';

interface Entry<T> {
  /** The lot; absent where one begins. */
  lotId?: string;
  sheet: string;
  start: T;
  onWritten: () => void;
}

/** One entry about a lot, or the beginning of one. */
export function useLotEntry<T extends FieldValues>({ lotId, sheet, start, onWritten }: Entry<T>) {
  const write = useLotWrites();
  return useEntrySheet<LotBodies, T>(
    (path, body) => write(path, body, lotId),
    onWritten,
    start,
    `${sheet} ${lotId ?? 'new'}`,
  );
}
