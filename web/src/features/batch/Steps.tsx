import { Box, Button, Typography } from '@mui/material';
import { newId, type BatchView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';

// Beside the cue where there is room, below it on a phone.
const besides = { minHeight: sizes.target, gridColumn: { xs: 2, sm: 'auto' }, justifySelf: 'start' };

/** What is next at this pot, with the cues of each stage. */
export function Steps({ batch, zone, now, onFinish }: { batch: BatchView; zone: string; now: number; onFinish: () => void }) {
  const { send } = useOutbox();
  // Once the pot was read, the readings say more than a late tick would.
  const ticked = batch.events.some((e) => e.kind === 'SIMMER_STARTED' || e.kind === 'WEIGHED' || e.kind === 'DIPPED');
  const live = batch.status === 'SIMMERING';
  const at = (role: string): string | undefined => (role === 'PREPARE' ? batch.startedAt : role === 'REDUCE' ? batch.forecast.simmerStartedAt : (batch.end?.endedAt ?? batch.forecast.thickAt));
  const isNow = (role: string) => live && (role === 'REDUCE' ? new Date(batch.forecast.simmerStartedAt).getTime() <= now : role === 'PREPARE' && new Date(batch.forecast.simmerStartedAt).getTime() > now);
  return (
    <Box component="ol" aria-label="Steps" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {batch.planned.stages.map((stage) => {
        const when = at(stage.role);
        const current = isNow(stage.role);
        return (
          <Box component="li" key={stage.title} sx={{ display: 'grid', gridTemplateColumns: columns.step, columnGap: 2, rowGap: 1, alignItems: 'center', py: 1, borderBottom: 1, borderColor: 'divider', bgcolor: current ? 'kitchen.tomatoSoft' : 'transparent', px: current ? 1.5 : 0, mx: current ? -1.5 : 0, borderRadius: current ? 1 : 0 }}>
            <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, fontSize: sizes.step, color: current ? 'error.main' : 'text.primary' }}>{current ? 'now' : when ? show.hour(when, zone) : '–'}</Typography>
            <Box>
              <Typography sx={{ fontWeight: 650, fontSize: sizes.lead }}>{stage.title}</Typography>
              <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>ready: {stage.readyCue} · too far: {stage.tooFarCue}</Typography>
            </Box>
            {live && stage.role === 'REDUCE' && !ticked && (
              <Button variant="outlined" sx={besides} onClick={() => void send('/simmer-starts', { id: newId() }, batch.id)}>Tomatoes in now</Button>
            )}
            {live && stage.role === 'FINISH' && <Button variant="outlined" sx={besides} onClick={onFinish}>Done</Button>}
          </Box>
        );
      })}
    </Box>
  );
}
