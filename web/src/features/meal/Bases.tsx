import { Button } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { FitLine } from './FitLine';
import { Well } from '../../ui/layout';
import { Text } from '../../ui/text';

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
    <Well
      key={b.formulaId}

      aria-label={`Base ${b.name}`}
      as="section"
      sx={{ my: 1 }}
    >
      <Text bold>
        {b.name},{' '}
        {b.madeMassKilograms > 0 ? `${mass(b.madeMassKilograms)} made once` : 'nothing to make'}
      </Text>
      {b.tubs.length > 0 && (
        <Text>
          {mass(b.fromTubsKilograms)} comes from tubs:{' '}
          {b.tubs
            .map((t) => `${mass(t.massKilograms)} ${t.code}${t.frozen ? ', to be thawed' : ''}`)
            .join('; ')}
          .
        </Text>
      )}
      {(b.tubs.length > 0 || tubsStay) && (
        <Button onClick={() => onTubsStay(!tubsStay)} sx={{ px: 0 }}>
          {tubsStay ? 'Count tubs in' : 'Leave the tubs, make it all'}
        </Button>
      )}
      <Text size="note">
        {b.stages
          .flatMap((s) => s.lines)
          .map((l) => `${show.text(show.mass(l.massKilograms, units))} ${l.name}`)
          .join(', ')}
      </Text>
      <FitLine placing={b.placing} units={units} />
    </Well>
  ));
}
