import { Button } from '@mui/material';
import { Link } from 'react-router';
import { newId } from '../../../api/client';
import { useOutbox } from '../../../api/outbox';
import { useServices } from '../../../api/services';
import { ActButton } from '../../../ui/ActButton';
import { useGo } from '../../../ui/useGo';

/** Starts a service of a meal, or leads to the one that goes on. */
export function StartIt({ mealId, able }: { mealId: string; able: boolean }) {
  const { data: services } = useServices();
  const { sendService } = useOutbox();
  const go = useGo();
  const running = services?.find((s) => s.mealId === mealId && s.endedAt === undefined);
  if (running)
    return (
      <Button component={Link} to={`/services/${running.id}`} variant="contained">
        The service that goes on
      </Button>
    );
  const start = async () => {
    const id = newId();
    const sent = await sendService('', { id, mealId });
    if (sent.kind === 'refused') throw sent.error;
    go(`/services/${id}`);
  };
  return (
    <ActButton variant="contained" onAct={start} disabled={!able || services === undefined}>
      Start the service
    </ActButton>
  );
}
