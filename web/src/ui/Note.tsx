import { Box } from '@mui/material';
import type { ReactNode } from 'react';

/** One brass note where a caution matters; tomato where something is wrong. */
export function Note({
  tone = 'brass',
  children,
}: {
  tone?: 'brass' | 'tomato';
  children: ReactNode;
}) {
  return (
    <Box
      role={tone === 'tomato' ? 'alert' : 'note'}
      sx={{
        bgcolor: tone === 'tomato' ? 'kitchen.tomatoSoft' : 'kitchen.brassSoft',
        color: 'text.primary',
        borderRadius: 1,
        px: 1.75,
        py: 1.25,
        fontSize: '0.92rem',
      }}
    >
      {children}
    </Box>
  );
}
