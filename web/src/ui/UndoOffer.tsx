import { Box, Button } from '@mui/material';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { newId } from '../api/client';
import { useOutbox } from '../api/outbox';
import { Note } from './Note';
import { UndoContext, type WayBack } from './undo';

/** As long as the server takes it back, less what a slow network needs. */
const OFFERED_S = 28;

interface Offered extends WayBack {
  key: number;
  left: number;
  fault?: string | undefined;
}

/** Offers the way back from the last act above the page, counting down; then it is gone. */
export function UndoOffer({ children }: { children: ReactNode }) {
  const [offered, setOffered] = useState<Offered>();
  const [going, setGoing] = useState(false);
  const { send } = useOutbox();
  const offer = useCallback(
    (way: WayBack) => setOffered({ ...way, key: Date.now(), left: OFFERED_S }),
    [],
  );
  const key = offered?.key;
  useEffect(() => {
    if (key === undefined) return;
    const timer = setInterval(
      () => setOffered((now) => (now && now.left > 1 ? { ...now, left: now.left - 1 } : undefined)),
      1000,
    );
    return () => clearInterval(timer);
  }, [key]);
  const goBack = async (way: Offered) => {
    setGoing(true);
    const faults: string[] = [];
    for (const act of way.acts.toReversed()) {
      const sent = await send('/take-backs', { id: newId(), eventId: act.eventId }, act.batchId);
      if (sent.kind === 'refused') faults.push(sent.error.summary);
    }
    setGoing(false);
    const [fault] = faults;
    if (fault) {
      const done = way.acts.length - faults.length;
      return setOffered({
        ...way,
        fault:
          done > 0
            ? `${done} of ${way.acts.length} are taken back, the rest is not. ${fault}`
            : fault,
      });
    }
    setOffered(undefined);
    way.onBack();
  };
  return (
    <UndoContext value={offer}>
      {offered && (
        <Box
          role="status"
          sx={{ px: { xs: 2, md: 3.5 }, pt: 2, position: 'sticky', top: 0, zIndex: 5 }}
        >
          <Note tone={offered.fault ? 'tomato' : 'brass'}>
            {offered.fault ?? offered.words}
            {!offered.fault && (
              <Button
                disabled={going}
                onClick={() => void goBack(offered)}
                sx={{ ml: 1, color: 'text.primary', textDecoration: 'underline' }}
              >
                Take it back
                <Box component="span" aria-hidden sx={{ ml: 0.75 }}>
                  {offered.left} s
                </Box>
              </Button>
            )}
          </Note>
        </Box>
      )}
      {children}
    </UndoContext>
  );
}
