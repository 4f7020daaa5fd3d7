import { Box, Button } from '@mui/material';
import type { ProblemError } from '../../api/problem';
import { Note } from '../../ui/Note';

const HEAT = ['/plan/heatSourceId', '/plan/heating/ovenId'];

/** Why it could not be lit; where another pot stands on its burner or in its oven, that is asked about. */
export function NotLit({ fault, onBoth }: { fault: ProblemError; onBoth: () => void }) {
  const asked = fault.problem.errors.some((e) => e.code === 'in-use' && HEAT.includes(e.pointer));
  return (
    <Box>
      <Note tone="tomato">{fault.summary}</Note>
      {asked && (
        <Button variant="outlined" onClick={onBoth} sx={{ mt: 1 }}>
          Both stand there: light it
        </Button>
      )}
    </Box>
  );
}
