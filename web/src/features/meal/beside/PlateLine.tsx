import type { MealView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
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
        <Text key={i} long>
          {plates.length > 1 && <b>{plate.covers} get </b>}
          {plate.shares.map((s) => `${mass(s.massKilograms)} ${s.name}`).join(' · ')}
          {plate.shares.length > 1 && ` · ${mass(plate.massKilograms)} in all`}
          <Span tone="muted" size="note">
            {' '}
            salt {show.text(show.percent(plate.saltFraction))}, {mass(plate.saltKilograms)}
          </Span>
        </Text>
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
