import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Typography,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type AsMadeView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { Note } from '../../ui/Note';

interface Props {
  batchId: string;
  made: AsMadeView;
  units: Units;
  onPlan: (formulaId?: string) => void;
  onClose: () => void;
}

/** A batch that differs from its formula is made again by the formula, or as it was really made. */
export function AgainSheet({ batchId, made, units, onPlan, onClose }: Props) {
  const queries = useQueryClient();
  const [fault, setFault] = useState<string>();
  const asMade = async () => {
    try {
      const { formulaId } = await answered(
        client.POST('/api/batches/{id}/formulas', { params: { path: { id: batchId } } }),
      );
      await queries.invalidateQueries({ queryKey: ['formulas'] });
      onPlan(formulaId);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="again-title">
      <DialogTitle id="again-title">It differed from its formula</DialogTitle>
      <DialogContent>
        <Box component="ul" sx={{ pl: 2.5, m: 0 }}>
          {made.differences.map((d) => (
            <Typography component="li" key={d.name}>
              {d.plannedKilograms === 0
                ? `${mass(d.madeKilograms)} ${d.name} added`
                : `${mass(d.madeKilograms)} ${d.name}, where ${mass(d.plannedKilograms)} were planned`}
            </Typography>
          ))}
        </Box>
        {made.leftOut.length > 0 && (
          <Note>{made.leftOut.join(', ')} cannot be had again and is left out.</Note>
        )}
        <Typography sx={{ mt: 1.5 }}>As it was made, it becomes a formula of your own.</Typography>
        {fault && <Note tone="tomato">{fault}</Note>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="outlined" onClick={() => onPlan()}>
          By the formula
        </Button>
        <Button variant="contained" onClick={() => void asMade()}>
          As it was made
        </Button>
      </DialogActions>
    </Dialog>
  );
}
