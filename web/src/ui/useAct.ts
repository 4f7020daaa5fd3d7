import { createContext, useCallback, useContext, useRef, useState } from 'react';
import type { ProblemError } from '../api/problem';
import { refusalOf } from './refusal';
import { report } from '../api/report';

/** Says a refusal above the page: whatever was tapped, it is not dropped. */
export const Tell = createContext<(refused: ProblemError) => void>(() => undefined);

/**
 * Runs an act of the cook: while it is under way a second press does nothing, and what refuses it
 * is said above the page.
 */
export function useAct() {
  const tell = useContext(Tell);
  const [busy, setBusy] = useState(false);
  const going = useRef(false);
  const act = useCallback(
    (deed: () => Promise<unknown>): void => {
      if (going.current) return;
      going.current = true;
      setBusy(true);
      refusalOf(deed)
        .then((refused) => refused && tell(refused))
        .finally(() => {
          going.current = false;
          setBusy(false);
        })
        .catch(report);
    },
    [tell],
  );
  return { act, busy };
}
