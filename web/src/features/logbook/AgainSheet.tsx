import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { client, type AsMadeView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Text } from '../../ui/text';
import { useSheet } from '../../ui/useSheet';

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
  const sheet = useSheet({});
  const asMade = () =>
    sheet.attempt(async () => {
      const of = { params: { path: { id: batchId } } };
      const { formulaId } = await answered(client.POST('/api/batches/{id}/formulas', of));
      await queries.invalidateQueries({ queryKey: ['formulas'] });
      onPlan(formulaId);
    });
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return (
    <Sheet
      of={sheet}
      title="It differed from its formula"
      act="As it was made"
      ready
      onAct={asMade}
      onClose={onClose}
      more={
        <Button size="large" variant="outlined" onClick={() => onPlan()}>
          By the formula
        </Button>
      }
    >
      <Box component="ul" sx={{ pl: 2.5, m: 0 }}>
        {made.differences.map((d) => (
          <Text component="li" key={d.name}>
            {d.plannedKilograms === 0
              ? `${mass(d.madeKilograms)} ${d.name} added`
              : `${mass(d.madeKilograms)} ${d.name}, where ${mass(d.plannedKilograms)} were planned`}
          </Text>
        ))}
      </Box>
      {made.leftOut.length > 0 && (
        <Note>{made.leftOut.join(', ')} cannot be had again and is left out.</Note>
      )}
      <Text>As it was made, it becomes a formula of your own.</Text>
    </Sheet>
  );
}
