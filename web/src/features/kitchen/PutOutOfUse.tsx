import { ActButton } from '../../ui/ActButton';

/** The way out for something that the kitchen has no more; what was cooked with it keeps it. */
export function PutOutOfUse({ onAct }: { onAct: () => Promise<unknown> }) {
  return (
    <ActButton size="large" variant="outlined" onAct={onAct}>
      Put out of use
    </ActButton>
  );
}
