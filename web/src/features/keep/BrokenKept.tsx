import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { KeepingView } from '../../api/client';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';
import { CloseSheet } from './KeepingSheets';

/** Something kept that cannot be reckoned: it is named, and watched by hand until its record is ended. */
export function BrokenKept({ keeping, zone }: { keeping: KeepingView; zone: string }) {
  const [open, setOpen] = useState(false);
  return (
    <Box component="li" sx={{ listStyle: 'none', py: 1 }}>
      <Note tone="tomato">
        <b>{keeping.name}</b>, there since {show.hour(keeping.startedAt, zone)}, cannot be reckoned:{' '}
        {keeping.fault} Watch it with thermometer and clock, then end its record.
        <Button onClick={() => setOpen(true)}>End its record</Button>
      </Note>
      {open && <CloseSheet keeping={keeping} first="DISCARDED" onClose={() => setOpen(false)} />}
    </Box>
  );
}
