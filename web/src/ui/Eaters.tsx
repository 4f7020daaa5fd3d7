import { Box } from '@mui/material';
import type { DeclarationView } from '../api/client';
import { Declaration } from './Declaration';
import { Text } from './text';

/** What whoever eats of a batch is told, under its heading. */
export function Eaters({ of }: { of: DeclarationView }) {
  return (
    <Box component="section" aria-label="For whoever eats it">
      <Text variant="h2" sx={{ mb: 0.5 }}>
        For whoever eats it
      </Text>
      <Declaration of={of} />
    </Box>
  );
}
