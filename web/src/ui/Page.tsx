import { Box, Typography } from '@mui/material';
import { memo, type ReactNode } from 'react';
import { Link } from 'react-router';

export type JourneyStep = 'Formula' | 'Size' | 'Pot' | 'Balance' | 'Keep' | 'Log';
const PATHS: Record<JourneyStep, string> = {
  Formula: '/formulas',
  Size: '/plan',
  Pot: '/pots',
  Balance: '/balance',
  Keep: '/keep',
  Log: '/logbook',
};

/** Title, the line of the journey, and what the page is for. */
export function Page({
  title,
  sub,
  step,
  acts,
  children,
}: {
  title: string;
  sub: string;
  step?: JourneyStep;
  acts?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box
      component="section"
      sx={{
        px: { xs: 2, md: 3.5 },
        pt: 2.25,
        pb: { xs: 12, md: 3 },
        flex: 1,
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
      }}
    >
      <Box
        component="header"
        sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}
      >
        <Box sx={{ minWidth: 0, flex: { xs: '1 1 100%', md: '1 1 20rem' } }}>
          <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
            {title}
          </Typography>
          <Typography sx={{ color: 'text.secondary' }}>{sub}</Typography>
        </Box>
        <Box
          sx={{
            display: 'flex',
            flexDirection: 'column',
            gap: 1,
            flexShrink: 0,
            maxWidth: '100%',
            alignItems: { md: 'flex-end' },
          }}
        >
          {step && <Journey at={step} />}
          {acts && <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>{acts}</Box>}
        </Box>
      </Box>
      {children}
    </Box>
  );
}

const Journey = memo(function Journey({ at }: { at: JourneyStep }) {
  const steps = Object.keys(PATHS) as JourneyStep[];
  const now = steps.indexOf(at);
  return (
    <Box
      component="nav"
      aria-label="Journey of a batch"
      sx={{
        display: 'flex',
        alignItems: 'center',
        columnGap: { xs: 0.9, md: 1.25 },
        minHeight: 28,
        flexWrap: { xs: 'wrap', md: 'nowrap' },
      }}
    >
      {steps.map((step, i) => (
        <Box
          key={step}
          component={Link}
          to={PATHS[step]}
          aria-current={i === now ? 'step' : undefined}
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 0.75,
            fontSize: { xs: '0.8rem', md: '0.85rem' },
            fontWeight: 600,
            color: i === now ? 'text.primary' : 'text.secondary',
            textDecoration: 'none',
            py: 0.5,
            '&:not(:last-child)::after': {
              content: '""',
              display: { xs: 'none', md: 'block' },
              width: 18,
              borderTop: 1.5,
              borderColor: 'divider',
              ml: 0.75,
            },
          }}
        >
          <Box
            component="i"
            aria-hidden
            sx={{
              width: i === now ? 11 : 8,
              height: i === now ? 11 : 8,
              borderRadius: '50%',
              border: 1.5,
              borderColor: i === now ? 'error.main' : i < now ? 'success.main' : 'text.secondary',
              bgcolor: i === now ? 'error.main' : i < now ? 'success.main' : 'transparent',
            }}
          />
          {step}
        </Box>
      ))}
    </Box>
  );
});
