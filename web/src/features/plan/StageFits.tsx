import { Box, Typography } from '@mui/material';
import { memo } from 'react';
import type { StageFitView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';

const WORDS: Record<StageFitView['standing'], string> = {
  FITS: '',
  TOO_FULL: 'no room for bubbles',
  OVERFLOWS: 'does not go in',
  TOO_SHALLOW: 'a film that scorches',
};

/** How each stage stands in its pot or trays at this size. */
export const StageFits = memo(function StageFits({
  fits,
  units,
}: {
  fits: StageFitView[];
  units: Units;
}) {
  if (fits.length === 0) return null;
  return (
    <Box component="section" aria-label="How full, stage by stage">
      <Typography variant="h2">How full, stage by stage</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {fits.map((f) => {
          const wrong = f.standing !== 'FITS';
          return (
            <Box component="li" key={f.title} sx={{ py: 0.5 }}>
              <Box
                sx={{
                  display: 'flex',
                  gap: 2,
                  justifyContent: 'space-between',
                  alignItems: 'baseline',
                }}
              >
                <Typography>{f.title}</Typography>
                <Typography
                  sx={{ fontFamily: faces.figures, fontWeight: 700, whiteSpace: 'nowrap' }}
                >
                  {Math.round(f.fullFraction * 100)} %
                </Typography>
              </Box>
              <Box aria-hidden sx={{ height: 5, bgcolor: 'kitchen.well' }}>
                <Box
                  sx={{
                    height: '100%',
                    width: `${Math.min(100, f.fullFraction * 100)}%`,
                    bgcolor: wrong ? 'error.main' : 'kitchen.sauce1',
                  }}
                />
              </Box>
              <Typography
                sx={{
                  fontSize: sizes.small,
                  color: wrong ? 'error.main' : 'text.secondary',
                  fontWeight: wrong ? 600 : 500,
                }}
              >
                {[
                  `${show.text(show.volume(f.volumeCubicMeters, units))}${f.vessels > 1 ? ' in each' : ''}, ${Math.round(f.depthMeters * 1000)} mm`,
                  `${f.vessels > 1 ? `${f.vessels} × ` : ''}${f.vesselName}`,
                  WORDS[f.standing],
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Typography>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
});
