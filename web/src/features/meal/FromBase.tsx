import { Box, Typography } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';

type Dish = MealView['dishes'][number];
interface Props {
  of: NonNullable<Dish['fromBase']>;
  stages: Dish['stages'];
  units: Units;
}

/** How a dish is made of its share of a base: when it is taken, where it goes in, what is still added. */
export function FromBase({ of, stages, units }: Props) {
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  const still = stages.flatMap((s) => s.lines);
  return (
    <Box sx={{ fontSize: sizes.note, pl: { sm: 2 }, py: 0.5 }}>
      {of.shareMassKilograms > 0 && (
        <>
          <Typography sx={{ fontSize: sizes.note }}>
            Take <b>{mass(of.shareMassKilograms)}</b> of {of.baseName}{' '}
            {of.leavesBefore === undefined
              ? 'when it is done'
              : `before ‘${of.leavesBefore}’${of.afterSeconds > 0 ? `, minute ${Math.round(of.afterSeconds / 60)}` : ''}`}
            ; it goes in at ‘{of.joinsAt}’,{' '}
            {of.toLoseKilograms >= 0
              ? `${mass(of.toLoseKilograms)} still to boil off`
              : `let down with ${mass(-of.toLoseKilograms)} of water`}
            .
          </Typography>
          <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
            {still.length === 0
              ? 'Nothing else goes in.'
              : `Still to add: ${still.map((l) => `${mass(l.massKilograms)} ${l.name}`).join(', ')}.`}
          </Typography>
          {of.brings.length > 0 && (
            <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
              The base brings more than it takes of:{' '}
              {of.brings.map((m) => `${m.name}, ${mass(m.massKilograms)}`).join('; ')}.
            </Typography>
          )}
        </>
      )}
      {of.warnings.map((w) => (
        <Typography
          key={w}
          role="alert"
          sx={{ fontSize: sizes.note, color: 'warning.main', fontWeight: 600 }}
        >
          {w}
        </Typography>
      ))}
    </Box>
  );
}
