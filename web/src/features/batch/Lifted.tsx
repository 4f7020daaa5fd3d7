import { Box, Button, Typography } from '@mui/material';
import type { BatchView } from '../../api/client';

interface Props {
  pieces: BatchView['pieces'];
  lifted: string[];
  onLifted: (ids: string[]) => void;
}

/** Which pieces come out: whole ones are proposed, small ones stay unless somebody strains the sauce. */
export function Lifted({ pieces, lifted, onLifted }: Props) {
  if (pieces.length === 0)
    return <Typography sx={{ color: 'text.secondary' }}>No pieces are in this pot.</Typography>;
  const toggle = (id: string) =>
    onLifted(lifted.includes(id) ? lifted.filter((one) => one !== id) : [...lifted, id]);
  return (
    <Box>
      <Typography variant="caption" sx={{ color: 'text.secondary', display: 'block', mb: 0.5 }}>
        What comes out
      </Typography>
      <Box
        role="group"
        aria-label="What comes out"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}
      >
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
      </Box>
      <Typography sx={{ color: 'text.secondary', mt: 1 }}>
        What they have not given to the sauce yet stays in them; all else stays in the pot.
      </Typography>
    </Box>
  );
}
