import type { FieldValues } from 'react-hook-form';
import type { KeptBodies } from '../../api/outbox';
import { typed, type Units } from '../../quantities';
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

/** A thermometer's text: a bare number means the kitchen's own degrees, and is sent with them. */
export function degreesTyped(text: string, units: Units) {
  const us = units === 'US';
  const entered = /^[\s\d.,-]+$/.test(text) ? `${text.trim()} ${us ? '°F' : '°C'}` : text;
  return { ...typed(text, 'TEMPERATURE', us ? 'f' : 'c'), entered };
}
