import { Box } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Text } from '../../ui/text';

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
    <Box sx={{ pl: { sm: 2 }, py: 0.5 }}>
      {of.shareMassKilograms > 0 && (
        <>
          <Text size="note">
            Take <b>{mass(of.shareMassKilograms)}</b> of {of.baseName}{' '}
            {of.leavesBefore === undefined
              ? 'when it is done'
              : `before ‘${of.leavesBefore}’${of.afterSeconds > 0 ? `, minute ${Math.round(of.afterSeconds / 60)}` : ''}`}
            ; it goes in at ‘{of.joinsAt}’,{' '}
            {of.toLoseKilograms >= 0
              ? `${mass(of.toLoseKilograms)} still to boil off`
              : `let down with ${mass(-of.toLoseKilograms)} of water`}
            .
          </Text>
          <Text tone="muted" size="note">
            {still.length === 0
              ? 'Nothing else goes in.'
              : `Still to add: ${still.map((l) => `${mass(l.massKilograms)} ${l.name}`).join(', ')}.`}
          </Text>
          {of.brings.length > 0 && (
            <Text tone="muted" size="note">
              The base brings more than it takes of:{' '}
              {of.brings.map((m) => `${m.name}, ${mass(m.massKilograms)}`).join('; ')}.
            </Text>
          )}
        </>
      )}
      {of.warnings.map((w) => (
        <Text key={w} role="alert" tone="warn" size="note" strong>
          {w}
        </Text>
      ))}
    </Box>
  );
}
