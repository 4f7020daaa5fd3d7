import { Box, Typography } from '@mui/material';
import { memo } from 'react';
import type { PlanView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { loadsInWords } from '../../ui/loads';
import { ShowWorking } from '../../ui/ShowWorking';

/** What happens in the pot before the simmer, and how long it takes at this size. */
export const Before = memo(function Before({ plan, units }: { plan: PlanView; units: Units }) {
  const stages = plan.stages.filter((s) => s.role === 'PREPARE');
  const working = plan.workings.find((w) => w.figure === 'preparation');
  if (stages.length === 0) return null;
  return (
    <Box component="section" aria-label="Before the simmer">
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2">Before the simmer</Typography>
        {working && <ShowWorking working={working} title="Before the simmer" words="how long" />}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {stages.map((s) => (
          <Box component="li" key={s.title} sx={{ display: 'flex', gap: 2, justifyContent: 'space-between', alignItems: 'baseline', py: 0.4 }}>
            <Typography>{s.title} <Typography component="span" sx={{ fontSize: sizes.note, color: 'text.secondary' }}>{loadsInWords(s, units)}</Typography></Typography>
            <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, whiteSpace: 'nowrap' }}>{show.text(show.span(s.seconds))}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
});
