import { useEffect, useState } from 'react';

const NOW = 'urnstew-now';
const SECOND_MS = 1000;
const kept = { aheadMs: 0 };
const listeners = new Set<() => void>();

/** Sets the device's clock right by an answer of the server. */
export function heard(headers: Headers): void {
  const said = Date.parse(headers.get(NOW) ?? '');
  if (Number.isNaN(said)) return;
  const aheadMs = said - Date.now();
  // An answer is a little late by its way here; only a clock that is wrong is worth a jump.
  if (Math.abs(aheadMs - kept.aheadMs) < SECOND_MS) return;
  kept.aheadMs = aheadMs;
  listeners.forEach((each) => each());
}

/** The kitchen's present moment, ms. */
export const kitchenNow = (): number => Date.now() + kept.aheadMs;

/** The same, ticking. */
export function useNow(everyMs = SECOND_MS): number {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const tick = () => setNow(kitchenNow());
    const timer = setInterval(tick, everyMs);
    listeners.add(tick);
    return () => {
      clearInterval(timer);
      listeners.delete(tick);
    };
  }, [everyMs]);
  return now;
}
