import { Button, CircularProgress, type ButtonProps } from '@mui/material';
import { useEffect, useState } from 'react';
import { useAct } from './useAct';

/** From then on a wait is shown. */
const SLOW_MS = 500;

interface Props extends Omit<ButtonProps, 'onClick' | 'endIcon'> {
  /** What it writes; absent on the button that sends a form. */
  onAct?: () => Promise<unknown>;
  /** Whether the form that it sends is under way. */
  busy?: boolean;
}

/** A button that writes: a second press does nothing while the first is under way. */
export function ActButton({ onAct, busy: sending = false, children, ...rest }: Props) {
  const { act, busy } = useAct();
  const going = busy || sending;
  const slow = useSlow(going);
  return (
    <Button
      {...rest}
      aria-busy={going}
      {...(onAct && { onClick: () => act(onAct) })}
      endIcon={slow && <CircularProgress size="1em" color="inherit" aria-label="Under way" />}
    >
      {children}
    </Button>
  );
}

/** Whether something has been under way so long that it should be seen. */
function useSlow(busy: boolean): boolean {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!busy) return undefined;
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [busy]);
  return slow;
}
