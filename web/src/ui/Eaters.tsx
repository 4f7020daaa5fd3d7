import { Box, Typography } from '@mui/material';
import type { DeclarationView } from '../api/client';
import { Declaration } from './Declaration';

/** What whoever eats of a batch is told, under its heading. */
export function Eaters({ of }: { of: DeclarationView }) {
  return (
    <Box component="section" aria-label="For whoever eats it">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        For whoever eats it
      </Typography>
      <Declaration of={of} />
    </Box>
  );
}
