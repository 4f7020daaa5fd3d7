import { Button, type ButtonProps } from '@mui/material';
import { Link } from 'react-router';
import { newId, type CoolingSetupChoice, type KeepingView } from '../../api/client';
import { ActButton } from '../../ui/ActButton';
import { useKeptWrites } from '../../ui/useWrites';
import type { OpenKept } from './Kept';
import { isLost } from './keeping';

interface Props {
  keeping: KeepingView;
  /** The way that would make it, where there is one. */
  offered: CoolingSetupChoice | undefined;
  onOpen: (open: OpenKept) => void;
}

/** What can be done about something kept; what cannot be kept any more is only ended. */
export function KeptActs({ keeping, offered, onOpen }: Props) {
  const write = useKeptWrites();
  const { cooling, hold, setOut } = keeping;
  const lost = isLost(keeping);
  const cold = cooling?.action === 'PUT_AWAY';
  const setup = offered ? { offered } : {};
  const first = lost ? 'DISCARDED' : cooling ? 'PUT_AWAY' : 'SERVED';
  return (
    <>
      <Act main={!lost && !setOut && !cold} onClick={() => onOpen({ sheet: 'read' })}>
        Read it
      </Act>
      {cooling && !lost && (
        <>
          <ActButton
            size="large"
            variant="outlined"
            onAct={() => write('/stirrings', { id: newId() }, keeping.id)}
          >
            Stirred it through
          </ActButton>
          <Act onClick={() => onOpen({ sheet: 'place', ...setup })}>Cool it otherwise</Act>
        </>
      )}
      {cooling?.action === 'COOL_FASTER_OR_REHEAT' && (
        <Act onClick={() => onOpen({ sheet: 'reheat', ...setup })}>Reheat and begin again</Act>
      )}
      {hold && !lost && <Act onClick={() => onOpen({ sheet: 'top-up' })}>Top it up</Act>}
      {cold && (
        <Button
          size="large"
          variant="contained"
          component={Link}
          to={`/keep/put-away?cooling=${keeping.id}`}
        >
          Into tubs
        </Button>
      )}
      <Act main={lost} onClick={() => onOpen({ sheet: 'close', first })}>
        {lost ? 'Throw it away' : 'End this record'}
      </Act>
    </>
  );
}

function Act({ main = false, ...rest }: ButtonProps & { main?: boolean }) {
  return <Button size="large" variant={main ? 'contained' : 'outlined'} {...rest} />;
}
