import { useState } from 'react';

/** One press, one deed: while it is under way the button rests. */
export function useOnce() {
  const [busy, setBusy] = useState(false);
  const once = (deed: () => Promise<void>) => {
    setBusy(true);
    void deed().finally(() => setBusy(false));
  };
  return { busy, once };
}
