import { useCallback, useState } from 'react';

const PREFIX = 'urnstew.draft.';
/** Longer than this nobody comes back to what was left typed. */
const KEPT_MS = 7 * 24 * 3_600_000;

/** What was left typed, and when. */
interface Draft {
  at: number;
  values: unknown;
}

function read(key: string, keptMs: number): Draft | undefined {
  try {
    const draft = JSON.parse(localStorage.getItem(PREFIX + key) ?? '') as Draft;
    return Date.now() - draft.at < keptMs ? draft : undefined;
  } catch {
    return undefined;
  }
}

/**
 * What is typed on a sheet stays on the device until it is written or left: Back, a reload or a
 * touch beside the sheet lose nothing.
 * @param key what is typed about; without it nothing is kept
 */
export function useDraft<T>(key: string | undefined, keptMs = KEPT_MS) {
  const [left] = useState(() => (key ? read(key, keptMs) : undefined));
  const keep = useCallback(
    (values: T) => {
      if (!key) return;
      try {
        localStorage.setItem(PREFIX + key, JSON.stringify({ at: Date.now(), values }));
      } catch {
        // A device that keeps nothing: what is typed stays on the screen.
      }
    },
    [key],
  );
  const forget = useCallback(() => {
    if (key) localStorage.removeItem(PREFIX + key);
  }, [key]);
  return { left: left as { at: number; values: Partial<T> } | undefined, keep, forget };
}
