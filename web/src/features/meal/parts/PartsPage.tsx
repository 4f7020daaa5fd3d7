import { useKitchen } from '../../../api/kitchen';
import { useServingTables } from '../../../api/serving';
import { show } from '../../../quantities';
import { BareList, RuledRow } from '../../../ui/layout';
import { Page } from '../../../ui/Page';
import { Pending } from '../../../ui/Pending';
import { Text } from '../../../ui/text';
import { short } from '../beside/hours';
import { BallsCard } from './BallsCard';
import { DoughCard } from './DoughCard';
import { PolentaCard } from './PolentaCard';
import { StuffedCard } from './StuffedCard';
import { WhiteSauceCard } from './WhiteSauceCard';

/** Parts of dishes, each solved from whatever of it is known. */
export function PartsPage() {
  const { data: kitchen, error } = useKitchen();
  const { data: tables } = useServingTables();
  if (!kitchen || !tables)
    return <Pending title="Parts" step="Size" shape="columns" error={error} />;
  const { units } = kitchen.settings;
  const degrees = (celsius: number) => show.text(show.temperature(celsius, units, 0));
  return (
    <Page
      title="Parts"
      sub="balls, dough, white sauce, polenta: type what you know, the rest is worked out"
      step="Size"
    >
      <DoughCard units={units} />
      <WhiteSauceCard units={units} />
      <BallsCard units={units} />
      <StuffedCard units={units} />
      <PolentaCard units={units} />
      <section aria-label="What shares an oven">
        <Text variant="h2">What shares an oven</Text>
        <BareList>
          {tables.neighbours.map((n) => (
            <RuledRow key={n.name}>
              <Text>
                <b>{n.name}</b>: {degrees(n.coolestCelsius)} to {degrees(n.hottestCelsius)},{' '}
                {short(n.minutes.leastSeconds)} to {short(n.minutes.mostSeconds)}; {n.note}
              </Text>
            </RuledRow>
          ))}
        </BareList>
      </section>
    </Page>
  );
}
