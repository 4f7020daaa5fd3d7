import type { FieldValues } from 'react-hook-form';
import type { KeptBodies } from '../../api/outbox';
import { useEntrySheet } from '../../ui/useSheet';
import { useKeptWrites } from '../../ui/useWrites';

interface Entry<T> {
  /** What is kept; absent where it begins. */
  keepingId?: string;
  sheet: string;
  start: T;
  onWritten: () => void;
}

/** One entry about something kept, or the beginning of one. */
export function useKept<T extends FieldValues>({ keepingId, sheet, start, onWritten }: Entry<T>) {
  const write = useKeptWrites();
  return useEntrySheet<KeptBodies, T>(
    (path, body) => write(path, body, keepingId),
    onWritten,
    start,
    `${sheet} ${keepingId ?? 'new'}`,
  );
}
