import { Box, Button, Typography } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { FitLine } from './FitLine';

/** Bases made once for several dishes, with all that goes into them. */
export function Bases({
  bases,
  units,
  tubsStay,
  onTubsStay,
}: {
  bases: MealView['bases'];
  units: Units;
  tubsStay: boolean;
  onTubsStay: (stay: boolean) => void;
}) {
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return bases.map((b) => (
    <Box
      key={b.formulaId}
      component="section"
      aria-label={`Base ${b.name}`}
      sx={{ bgcolor: 'kitchen.well', borderRadius: 1, px: 1.5, py: 1, my: 1 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {b.name},{' '}
        {b.madeMassKilograms > 0 ? `${mass(b.madeMassKilograms)} made once` : 'nothing to make'}
      </Typography>
      {b.tubs.length > 0 && (
        <Typography>
          {mass(b.fromTubsKilograms)} comes from tubs:{' '}
          {b.tubs
            .map((t) => `${mass(t.massKilograms)} ${t.code}${t.frozen ? ', to be thawed' : ''}`)
            .join('; ')}
          .
        </Typography>
      )}
      {(b.tubs.length > 0 || tubsStay) && (
        <Button onClick={() => onTubsStay(!tubsStay)} sx={{ px: 0 }}>
          {tubsStay ? 'Count tubs in' : 'Leave the tubs, make it all'}
        </Button>
      )}
      <Typography sx={{ fontSize: sizes.note }}>
        {b.stages
          .flatMap((s) => s.lines)
          .map((l) => `${show.text(show.mass(l.massKilograms, units))} ${l.name}`)
          .join(', ')}
      </Typography>
      <FitLine placing={b.placing} units={units} />
    </Box>
  ));
}
