import { Button } from '@mui/material';
import { ActButton } from '../ui/ActButton';
import { Note } from '../ui/Note';
import { useAlarm } from '../ui/alarm';
import { Strip } from '../ui/ui.styles';
import { useAct } from '../ui/useAct';

/** The alarm of this device, on every page. */
export function AlarmSwitch() {
  const { on, turn } = useAlarm();
  return (
    <ActButton
      size="small"
      variant={on ? 'contained' : 'outlined'}
      aria-pressed={on}
      onAct={() => turn(!on)}
    >
      {on ? 'Alarm on' : 'Alarm off'}
    </ActButton>
  );
}

/** An alarm that is on and cannot be heard says so: browsers let sound out only after a touch. */
export function AlarmStrip() {
  const { on, heard, turn } = useAlarm();
  const { act } = useAct();
  if (!on || heard) return null;
  return (
    <Strip role="status">
      <Note>
        The alarm is on, and this device is silent until it is touched.{' '}
        <Button color="inherit" onClick={() => act(() => turn(true))}>
          <u>Tap so that it can ring</u>
        </Button>
      </Note>
    </Strip>
  );
}
