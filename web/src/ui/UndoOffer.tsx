import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { useOutbox } from '../api/outbox';
import { ActButton } from './ActButton';
import { Note } from './Note';
import { Span } from './text';
import { Strip } from './ui.styles';
import { UndoContext, type WayBack } from './undo';

/** As long as the server takes it back, less what a slow network needs. */
const OFFERED_S = 28;

interface Offered extends WayBack {
  key: number;
  left: number;
  fault?: string | undefined;
}

/**
 * The last way back, counting down. Once its time is over it goes at the next press, not by itself:
 * the page would move up under a hand that is about to press something.
 */
function useOffered() {
  const [offered, setOffered] = useState<Offered>();
  const offer = useCallback(
    (way: WayBack) => setOffered({ ...way, key: Date.now(), left: OFFERED_S }),
    [],
  );
  const key = offered?.key;
  const over = offered?.left === 0;
  useEffect(() => {
    if (key === undefined || over) return undefined;
    const timer = setInterval(
      () => setOffered((now) => now && { ...now, left: Math.max(0, now.left - 1) }),
      1000,
    );
    return () => clearInterval(timer);
  }, [key, over]);
  useEffect(() => {
    if (!over) return undefined;
    const gone = () => setTimeout(() => setOffered(undefined));
    const presses = ['click', 'keyup'];
    presses.forEach((press) => window.addEventListener(press, gone, { once: true }));
    return () => presses.forEach((press) => window.removeEventListener(press, gone));
  }, [over]);
  return { offered, setOffered, offer };
}

/** Offers the way back from the last act above the page. */
export function UndoOffer({ children }: { children: ReactNode }) {
  const { offered, setOffered, offer } = useOffered();
  const { sendBack } = useOutbox();
  const goBack = async (way: Offered) => {
    const faults: string[] = [];
    for (const act of way.acts.toReversed()) {
      const sent = await sendBack(act);
      if (sent.kind === 'refused') faults.push(sent.error.summary);
    }
    const [fault] = faults;
    if (fault) {
      const done = way.acts.length - faults.length;
      const some = `${done} of ${way.acts.length} are taken back, the rest is not. ${fault}`;
      return setOffered({ ...way, fault: done > 0 ? some : fault });
    }
    setOffered(undefined);
    return way.onBack?.();
  };
  return (
    <UndoContext value={offer}>
      {offered && (
        <Strip role="status">
          <Note tone={offered.fault ? 'tomato' : 'brass'}>
            {offered.fault ?? offered.words}{' '}
            {!offered.fault && offered.left > 0 && (
              <ActButton color="inherit" onAct={() => goBack(offered)}>
                <u>Take it back</u>
                <Span aria-hidden sx={{ ml: 0.75 }}>
                  {offered.left} s
                </Span>
              </ActButton>
            )}
          </Note>
        </Strip>
      )}
      {children}
    </UndoContext>
  );
}
