import type { MealView } from '../../../api/client';
import { Column } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { short } from './hours';

type Made = NonNullable<MealView['dishes'][number]['pickUps']>;

/** Plates that go out one after the other: how many, and what pans and hands can do. */
export function PickUps({ pickUps }: { pickUps: Made }) {
  const { pasta } = pickUps;
  return (
    <Column gap={0.5} role="group" aria-label="Plates one after the other">
      <Text strong>
        {pickUps.pickUps} pick-ups, one every {short(pickUps.stepSeconds)}: {pickUps.mostPlates}{' '}
        {pickUps.mostPlates === 1 ? 'plate' : 'plates'} at the most
      </Text>
      {pasta && (
        <>
          <Text size="note" tone={fits(pasta) ? 'muted' : 'warn'} strong={!fits(pasta)}>
            In ten minutes {pasta.wanted} are wanted; one pan gives {pasta.ofOnePan}, one cook who
            tosses and puts up the plates {pasta.ofOneCook}
            {fits(pasta) ? '.' : `: take ${pansFor(pasta)}.`}
          </Text>
          <Text size="note" tone="muted">
            {pasta.cookedBefore
              ? 'The pasta is cooked most of the way before the first of them, and dipped for each.'
              : 'The pasta is fresh and boiled for each.'}{' '}
            The sauce is held hot until the last, read and topped up meanwhile.
          </Text>
        </>
      )}
    </Column>
  );
}

type Pace = NonNullable<Made['pasta']>;

const fits = (pace: Pace) => pace.wanted <= Math.min(pace.ofOnePan, pace.ofOneCook);

function pansFor(pace: Pace): string {
  const pans = Math.ceil(pace.wanted / pace.ofOnePan);
  const cooks = Math.ceil(pace.wanted / pace.ofOneCook);
  return `${pans} ${pans === 1 ? 'pan' : 'pans'} and ${cooks} ${cooks === 1 ? 'cook' : 'cooks'}`;
}
