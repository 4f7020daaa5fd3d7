import { Box, Typography } from '@mui/material';
import { memo, type ReactNode } from 'react';
import { Link } from 'react-router';

export type JourneyStep = 'Size' | 'Pot' | 'Log';
const PATHS: Record<JourneyStep, string> = { Size: '/plan', Pot: '/pots', Log: '/logbook' };

/** Title, the line of the journey, and what the page is for. */
export function Page({ title, sub, step, children }: { title: string; sub: string; step?: JourneyStep; children: ReactNode }) {
  return (
    <Box component="section" sx={{ px: { xs: 2, md: 3.5 }, pt: 2.25, pb: { xs: 12, md: 3 }, minHeight: '100%', display: 'flex', flexDirection: 'column', gap: 2 }}>
      <Box component="header" sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}>
        <Box sx={{ minWidth: 0 }}>
          <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>{title}</Typography>
          <Typography sx={{ color: 'text.secondary' }}>{sub}</Typography>
        </Box>
        {step && <Journey at={step} />}
      </Box>
      {children}
    </Box>
  );
}

const Journey = memo(function Journey({ at }: { at: JourneyStep }) {
  const steps = Object.keys(PATHS) as JourneyStep[];
  const now = steps.indexOf(at);
  return (
    <Box component="nav" aria-label="Journey of a batch" sx={{ display: 'flex', alignItems: 'center', gap: 1.25, height: 28 }}>
      {steps.map((step, i) => (
        <Box key={step} component={Link} to={PATHS[step]} aria-current={i === now ? 'step' : undefined} sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: '0.85rem', fontWeight: 600, color: i === now ? 'text.primary' : 'text.secondary', textDecoration: 'none', py: 0.5, '&:not(:last-child)::after': { content: '""', width: 18, borderTop: 1.5, borderColor: 'divider', ml: 0.75 } }}>
          <Box component="i" aria-hidden sx={{ width: i === now ? 11 : 8, height: i === now ? 11 : 8, borderRadius: '50%', border: 1.5, borderColor: i === now ? 'error.main' : i < now ? 'success.main' : 'text.secondary', bgcolor: i === now ? 'error.main' : i < now ? 'success.main' : 'transparent' }} />
          {step}
        </Box>
      ))}
    </Box>
  );
});
