import { Box, Button, Dialog, DialogContent, DialogTitle } from '@mui/material';
import type { ReactNode } from 'react';
import type { ProblemError } from '../../api/problem';
import { Note } from '../../ui/Note';

interface Props {
  title: string;
  ready: boolean;
  problem: ProblemError | undefined;
  shownAtFields: boolean;
  onSave: () => void;
  onRetire?: (() => void) | undefined;
  onClose: () => void;
  children: ReactNode;
}

/** The sheet on which a pot or a burner is written down. */
export function EditSheet({
  title,
  ready,
  problem,
  shownAtFields,
  onSave,
  onRetire,
  onClose,
  children,
}: Props) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="edit-title">
      <DialogTitle id="edit-title">{title}</DialogTitle>
      <DialogContent>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            if (ready) onSave();
          }}
          sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}
        >
          {children}
          {problem && !shownAtFields && <Note tone="tomato">{problem.summary}</Note>}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button type="submit" variant="contained" disabled={!ready}>
              Save
            </Button>
            {onRetire && (
              <Button variant="outlined" onClick={onRetire}>
                Put out of use
              </Button>
            )}
            <Button onClick={onClose}>Leave</Button>
          </Box>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
