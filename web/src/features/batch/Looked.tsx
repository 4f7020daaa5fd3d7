import { Box, Button } from '@mui/material';
import type { BatchView, StageNote } from '../../api/client';
import { useNoting } from '../../api/stageNotes';
import { ActButton } from '../../ui/ActButton';
import { Looks } from '../../ui/Looks';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { ownLooks } from './looks';

interface Props {
  batch: BatchView;
  zone: string;
  own: StageNote[];
  onNote: () => void;
}

/** What was noted of how this batch looked. */
export function Looked({ batch, zone, own, onNote }: Props) {
  const { takeBack } = useNoting(batch.id);
  const last = own.at(-1);
  return (
    <Box component="section" aria-label="How it looked">
      <Row align="center" wrap>
        <Button onClick={onNote}>Note how it looks</Button>
        {last && (
          <ActButton
            onAct={() => takeBack(last.id)}
            aria-label={`Take back the note of ${last.stage}`}
            sx={{ color: 'text.secondary' }}
          >
            Take the last back
          </ActButton>
        )}
        {own.length === 0 && (
          <Text tone="muted" size="small">
            in words or a photo, for the next time
          </Text>
        )}
      </Row>
      <Looks looks={ownLooks(own, zone)} label="Noted of this batch" />
    </Box>
  );
}
