import { Box, Typography } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { FitLine } from './FitLine';

/** Bases made once for several dishes, with all that goes into them. */
export function Bases({ bases, units }: { bases: MealView['bases']; units: Units }) {
  return bases.map((b) => (
    <Box key={b.formulaId} component="section" aria-label={`Base ${b.name}`} sx={{ bgcolor: 'kitchen.well', borderRadius: 1, px: 1.5, py: 1, my: 1 }}>
      <Typography sx={{ fontWeight: 700 }}>{b.name}, {show.text(show.mass(b.madeMassKilograms, units))} made once</Typography>
      <Typography sx={{ fontSize: sizes.note }}>{b.stages.flatMap((s) => s.lines).map((l) => `${show.text(show.mass(l.massKilograms, units))} ${l.name}`).join(', ')}</Typography>
      <FitLine fits={b.fits} units={units} />
    </Box>
  ));
}
