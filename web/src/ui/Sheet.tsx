import { Box, Button, Dialog, DialogContent, DialogTitle, useMediaQuery } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { sizes } from '../theme/tokens';

interface Props {
  title: string;
  act: string;
  ready: boolean;
  onAct: () => void;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet to write on at the stove: the whole screen on a phone. */
export function Sheet({ title, act, ready, onAct, onClose, children }: Props) {
  const phone = useMediaQuery(useTheme().breakpoints.down('sm'));
  return (
    <Dialog
      open
      onClose={onClose}
      fullScreen={phone}
      fullWidth
      maxWidth="xs"
      aria-labelledby="sheet-title"
    >
      <DialogTitle id="sheet-title">{title}</DialogTitle>
      <DialogContent>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            if (ready) onAct();
          }}
          sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}
        >
          {children}
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button
              type="submit"
              variant="contained"
              disabled={!ready}
              sx={{ flex: 1, minHeight: sizes.target }}
            >
              {act}
            </Button>
            <Button variant="outlined" onClick={onClose} sx={{ minHeight: sizes.target }}>
              Leave
            </Button>
          </Box>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
