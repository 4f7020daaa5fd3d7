import { useCallback, useEffect, useState } from 'react';

/** Puts the cursor into the amount of a line once it is there. */
export function useFocusMark() {
  const [mark, setMark] = useState('');
  useEffect(() => {
    if (mark) document.querySelector<HTMLInputElement>(`[data-mark="${mark}"]`)?.focus();
  }, [mark]);
  return useCallback((key: string) => {
    setMark('');
    queueMicrotask(() => setMark(key));
  }, []);
}
