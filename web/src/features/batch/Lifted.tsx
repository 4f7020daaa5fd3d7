import { Box, Button } from '@mui/material';
import type { BatchView } from '../../api/client';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

interface Props {
  pieces: BatchView['pieces'];
  lifted: string[];
  onLifted: (ids: string[]) => void;
}

/** Which pieces come out: whole ones are proposed, small ones stay unless somebody strains the sauce. */
export function Lifted({ pieces, lifted, onLifted }: Props) {
  if (pieces.length === 0) return <Text tone="muted">No pieces are in this pot.</Text>;
  const toggle = (id: string) =>
    onLifted(lifted.includes(id) ? lifted.filter((one) => one !== id) : [...lifted, id]);
  return (
    <Box>
      <Text variant="caption" tone="muted" sx={{ display: 'block', mb: 0.5 }}>
        What comes out
      </Text>
      <Row role="group" aria-label="What comes out" wrap>
        {pieces.map((p) => (
          <Button
            key={p.ingredientId}
            variant={lifted.includes(p.ingredientId) ? 'contained' : 'outlined'}
            aria-pressed={lifted.includes(p.ingredientId)}
            onClick={() => toggle(p.ingredientId)}
          >
            {p.name}
          </Button>
        ))}
      </Row>
      <Text tone="muted" sx={{ mt: 1 }}>
        What they have not given to the sauce yet stays in them; all else stays in the pot.
      </Text>
    </Box>
  );
}
