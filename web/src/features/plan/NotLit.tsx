import { Box } from '@mui/material';
import type { ProblemError } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';

const HEAT = ['/plan/heatSourceId', '/plan/heating/ovenId'];

interface Props {
  fault: ProblemError;
  onBoth: () => Promise<unknown>;
}

/** Why it could not be lit; where another pot stands on its burner or in its oven, that is asked about. */
export function NotLit({ fault, onBoth }: Props) {
  const asked = fault.problem.errors.some((e) => e.code === 'in-use' && HEAT.includes(e.pointer));
  return (
    <Box>
      <Note tone="tomato">{fault.summary}</Note>
      {asked && (
        <ActButton variant="outlined" onAct={onBoth} sx={{ mt: 1 }}>
          Both stand there: light it
        </ActButton>
      )}
    </Box>
  );
}
