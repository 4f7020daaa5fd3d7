import { Box } from '@mui/material';
import type { MealView } from '../../../api/client';
import { Beads } from '../../../ui/Beads';
import { Text } from '../../../ui/text';
import { Plates } from './beside.styles';

type Plate = MealView['dishes'][number]['plates'][number];
/** Less than this nobody tastes, as a share of the band's middle. */
const TASTED = 0.02;

const isTurned = (plate: Plate) =>
  plate.tastes.some((t) => Math.abs(t.after - t.now) > (TASTED * (t.low + t.high)) / 2);

/** How the sauce tastes in the pot and as it is eaten, where that is not the same. */
export function PlateBalance({ plates }: { plates: Plate[] }) {
  const turned = plates.filter(isTurned);
  if (turned.length === 0) return null;
  return (
    <section aria-label="The sauce as it is eaten">
      <Text variant="h2">The sauce as it is eaten</Text>
      <Text size="note" tone="muted" long>
        From the pot to the plate, with the water, juice and cheese that meet it.
      </Text>
      <Plates>
        {turned.map((plate, i) => (
          <Box key={i}>
            {plates.length > 1 && (
              <Text size="note" strong long>
                {plate.covers} get {plate.shares.map((s) => s.name).join(', ')}
              </Text>
            )}
            <Beads beads={plate.tastes} compact />
          </Box>
        ))}
      </Plates>
    </section>
  );
}
