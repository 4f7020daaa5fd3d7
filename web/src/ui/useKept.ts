import { useCallback, useState } from 'react';
import { useDraft } from './drafts';

/**
 * Something larger than a form that is changed piece by piece and kept on the device: what is not
 * changed stays the very same, so that what shows it stays still.
 * @param kept under what name; nothing is kept without it
 * @param keptMs how long it stays, ms; a week when left out
 */
export function useKept<T extends object>(start: T, kept?: string, keptMs?: number) {
  const { left, keep, forget } = useDraft<T>(kept, keptMs);
  const [values, setValues] = useState<T>(() => ({ ...start, ...left?.values }));
  const change = useCallback(
    (to: Partial<T> | ((from: T) => Partial<T>)): void =>
      setValues((from) => {
        const next = { ...from, ...(typeof to === 'function' ? to(from) : to) };
        keep(next);
        return next;
      }),
    [keep],
  );
  return { values, change, forget };
}
