import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { LotView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { BareList, RuledRow } from '../../ui/layout';
import { Text } from '../../ui/text';

/** What is still to come of tubs that were stopped before they were done, and the way on. */
export function StillToCome({ lot, units }: { lot: LotView; units: Units }) {
  const { unfinished } = lot;
  if (!unfinished) return null;
  const { from, stages, lines, tubId } = unfinished;
  const goesOn = { lotId: lot.id, code: lot.code };
  const available = [{ ingredientId: tubId, text: show.typedMass(lot.massKilograms, units) }];
  return (
    <Box component="section" aria-label="Still to come">
      <Text variant="h2">Not done: still to come</Text>
      <Text tone="muted" size="note">
        {from ? `stopped in ‘${from}’; ` : ''}
        {stages.join(', ')}
      </Text>
      <BareList>
        {lines.map((l, i) => (
          <RuledRow key={`${l.name}${i}`}>
            <Text>
              <b>{show.text(show.mass(l.massKilograms, units))}</b> {l.name}
            </Text>
          </RuledRow>
        ))}
      </BareList>
      {lot.state === 'FROZEN' ? (
        <Text tone="cold" size="note">
          Thaw it first: then go on with it.
        </Text>
      ) : (
        <Button
          component={Link}
          to="/plan"
          state={{ formulaId: lot.formulaId, schools: [], goesOn, available }}
          variant="contained"
          sx={{ mt: 1 }}
        >
          Go on with it
        </Button>
      )}
    </Box>
  );
}
