import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { sizes } from '../../theme/tokens';
import { Text } from '../../ui/text';

/** Something drawn to scale, with its sizes in words. */
export function Drawn({
  name,
  words,
  width,
  onEdit,
  children,
}: {
  name: string;
  words: string;
  width: number;
  onEdit: () => void;
  children: ReactNode;
}) {
  return (
    <Box sx={{ width: Math.max(width, sizes.rail), maxWidth: '100%' }}>
      {children}
      <Text bold long>
        {name}
      </Text>
      <Text tone="muted" size="small">
        {words}
      </Text>
      <Button onClick={onEdit} aria-label={`Change ${name}`} sx={{ px: 0, minWidth: 0 }}>
        Change
      </Button>
    </Box>
  );
}
