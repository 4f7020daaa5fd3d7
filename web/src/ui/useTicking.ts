import { useEffect, useState } from 'react';

const TICK_MS = 1_000;

/** The server's clock as last heard, ticking. */
export function useTicking(serverNow: string | undefined, heardAt: number): number {
  const [tick, setTick] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setTick(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return serverNow ? new Date(serverNow).getTime() + Math.max(0, tick - heardAt) : tick;
}
