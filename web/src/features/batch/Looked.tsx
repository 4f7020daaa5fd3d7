import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { BatchView, StageNote } from '../../api/client';
import { ProblemError } from '../../api/problem';
import { useNoting } from '../../api/stageNotes';
import { sizes } from '../../theme/tokens';
import { Looks } from '../../ui/Looks';
import { Note } from '../../ui/Note';
import { ownLooks } from './looks';

/** What was noted of how this batch looked. */
export function Looked({
  batch,
  zone,
  own,
  onNote,
}: {
  batch: BatchView;
  zone: string;
  own: StageNote[];
  onNote: () => void;
}) {
  const { takeBack } = useNoting(batch.id);
  const [fault, setFault] = useState<string>();
  const last = own.at(-1);
  const undo = () =>
    last &&
    takeBack(last.id).catch((e: unknown) => {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    });
  return (
    <Box component="section" aria-label="How it looked">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
        <Button onClick={onNote}>Note how it looks</Button>
        {last && (
          <Button
            onClick={() => void undo()}
            aria-label={`Take back the note of ${last.stage}`}
            sx={{ color: 'text.secondary' }}
          >
            Take the last back
          </Button>
        )}
        {own.length === 0 && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            in words or a photo, for the next time
          </Typography>
        )}
      </Box>
      {fault && <Note tone="tomato">{fault}</Note>}
      <Looks looks={ownLooks(own, zone)} label="Noted of this batch" />
    </Box>
  );
}
