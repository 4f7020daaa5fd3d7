/** Waits for hands to rest: the next keystroke makes the question stale before it is asked. */
export const pause = (signal: AbortSignal, milliseconds: number): Promise<void> =>
  new Promise((go, stop) => {
    setTimeout(() => (signal.aborted ? stop(signal.reason as Error) : go()), milliseconds);
  });
