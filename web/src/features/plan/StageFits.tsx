import { Box } from '@mui/material';
import { memo } from 'react';
import type { StageFitView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { BareList, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { Full, FullGround } from './plan.styles';

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
      <Text variant="h2">How full, stage by stage</Text>
      <BareList>
        {fits.map((f) => {
          const wrong = f.standing !== 'FITS';
          return (
            <Box component="li" key={f.title} sx={{ py: 0.5 }}>
              <Row gap={2} align="baseline" between>
                <Text>{f.title}</Text>
                <Text figures whole>
                  {Math.round(f.fullFraction * 100)} %
                </Text>
              </Row>
              <FullGround aria-hidden>
                <Full wrong={wrong} style={{ width: `${Math.min(100, f.fullFraction * 100)}%` }} />
              </FullGround>
              <Text tone={wrong ? 'alarm' : 'muted'} size="small" strong={wrong}>
                {[
                  `${show.text(show.volume(f.volumeCubicMeters, units))}${f.vessels > 1 ? ' in each' : ''}, ${show.text(show.depth(f.depthMeters, units))}`,
                  `${f.vessels > 1 ? `${f.vessels} × ` : ''}${f.vesselName}`,
                  WORDS[f.standing],
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Text>
            </Box>
          );
        })}
      </BareList>
    </Box>
  );
});
