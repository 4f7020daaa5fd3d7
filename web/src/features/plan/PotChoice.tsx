import { Box, Typography } from '@mui/material';
import { memo, useId } from 'react';
import type { VesselView, Working } from '../../api/client';
import { show, type Units } from '../../quantities';
import { untilWords, type Taken } from '../../api/occupancy';
import { sizes } from '../../theme/tokens';
import { drawnWidthOf, shareOfWidest, widestOf } from '../../ui/scale';
import { ShowWorking } from '../../ui/ShowWorking';
import { Urn } from '../../ui/Urn';

interface Props {
  vessels: VesselView[];
  taken: Taken;
  chosen: string;
  onChoose: (id: string) => void;
  fillMeters: number | undefined;
  fault: string | undefined;
  units: Units;
  zone: string;
  working: Working | undefined;
}

/** The kitchen's pots side by side, all to one scale. */
export const PotChoice = memo(function PotChoice({
  vessels,
  taken,
  chosen,
  onChoose,
  fillMeters,
  fault,
  units,
  zone,
  working,
}: Props) {
  const id = useId();
  const widest = widestOf(vessels);
  return (
    <Box role="radiogroup" aria-labelledby={id}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography id={id} variant="caption" sx={{ color: 'text.secondary' }}>
          In which pot
        </Typography>
        {working && <ShowWorking working={working} title="What a pot holds" words="to the rim" />}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.25, alignItems: 'flex-start' }}>
        {vessels.map((v) => {
          const on = v.id === chosen;
          const there = taken.get(v.id);
          return (
            <Box
              key={v.id}
              component="label"
              sx={{
                display: 'block',
                position: 'relative',
                width: sizes.pot,
                textAlign: 'center',
                borderRadius: 1,
                '&:focus-within': { outline: 2, outlineColor: 'error.main' },
              }}
            >
              <Box
                component="input"
                type="radio"
                name={id}
                checked={on}
                onChange={() => onChoose(v.id)}
                aria-label={[
                  v.name,
                  show.text(show.volume(v.capacityCubicMeters, units)),
                  there ? `holds ${there.name}` : '',
                ]
                  .filter(Boolean)
                  .join(', ')}
                sx={{
                  position: 'absolute',
                  inset: 0,
                  opacity: 0,
                  width: '100%',
                  height: '100%',
                  m: 0,
                  cursor: 'pointer',
                }}
              />
              <Box
                sx={{
                  height: sizes.pot * 0.8,
                  width: `${shareOfWidest(v, widest) * 100}%`,
                  mx: 'auto',
                  display: 'flex',
                  alignItems: 'flex-end',
                }}
              >
                <Urn
                  shape={v}
                  fillMeters={on ? Math.min(fillMeters ?? 0, v.depthMeters) : 0}
                  title={v.name}
                  drawnWidth={drawnWidthOf(v, widest)}
                  small
                />
              </Box>
              <Typography
                variant="caption"
                component="span"
                sx={{
                  fontWeight: on ? 700 : 500,
                  display: 'block',
                  overflowWrap: 'anywhere',
                  lineHeight: 1.15,
                }}
              >
                {v.name}
              </Typography>
              <Typography
                variant="caption"
                component="span"
                sx={{ color: 'text.secondary', fontWeight: 500 }}
              >
                {show.text(show.volume(v.capacityCubicMeters, units))}
              </Typography>
              {there && (
                <Typography
                  variant="caption"
                  component="span"
                  sx={{
                    color: 'text.secondary',
                    display: 'block',
                    lineHeight: 1.15,
                    overflowWrap: 'anywhere',
                  }}
                >
                  holds {untilWords(there, zone)}
                </Typography>
              )}
            </Box>
          );
        })}
      </Box>
      {fault && (
        <Typography variant="caption" role="alert" sx={{ color: 'error.main' }}>
          {fault}
        </Typography>
      )}
    </Box>
  );
});
