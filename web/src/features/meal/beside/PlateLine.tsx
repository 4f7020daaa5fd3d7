import { Box } from '@mui/material';
import type { MealView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { Beads } from '../../../ui/Beads';
import { Span, Text } from '../../../ui/text';

interface Props {
  made: MealView['dishes'][number];
  units: Units;
  currency: string;
}

/** What each eater gets: masses, salt, and what it costs by the sauce that is taken. */
export function PlateLine({ made, units, currency }: Props) {
  const { plates, plateCost } = made;
  const mass = (kg: number) => show.text(show.mass(kg, units));
  const money = (amount: number) => show.text(show.money(amount, currency));
  return (
    <section aria-label="On the plate">
      <Text variant="h2">On the plate</Text>
      {plates.map((plate, i) => (
        <Box key={i}>
          <Text long>
            {plates.length > 1 && <b>{plate.covers} get </b>}
            {plate.shares.map((s) => `${mass(s.massKilograms)} ${s.name}`).join(' · ')}
            {plate.shares.length > 1 && ` · ${mass(plate.massKilograms)} in all`}
            <Span tone="muted" size="note">
              {' '}
              salt {show.text(show.percent(plate.saltFraction))}, {mass(plate.saltKilograms)}
            </Span>
          </Text>
          <Tastes plate={plate} />
        </Box>
      ))}
      {plateCost && (
        <Text size="note" tone="muted">
          a plate costs {money(plateCost.asServed)}; {money(plateCost.least)} with little sauce,{' '}
          {money(plateCost.most)} with much
        </Text>
      )}
    </section>
  );
}

type Plate = MealView['dishes'][number]['plates'][number];
/** Less than this nobody tastes, as a share of the band's middle. */
const TASTED = 0.02;

/** How its sauce tastes in the pot and as it is eaten, where that is not the same. */
function Tastes({ plate }: { plate: Plate }) {
  const turned = plate.tastes.some(
    (t) => Math.abs(t.after - t.now) > (TASTED * (t.low + t.high)) / 2,
  );
  if (!turned) return null;
  return (
    <Box sx={{ maxWidth: 560 }}>
      <Text size="small" tone="muted">
        Its sauce in the pot, and as it is eaten: with the water, juice and cheese that meet it.
      </Text>
      <Beads beads={plate.tastes} compact />
    </Box>
  );
}
