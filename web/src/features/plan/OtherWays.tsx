import { memo } from 'react';
import type { AlternativeView, PlanView, WaysView } from '../../api/client';
import { said } from '../../quantities';
import { ShowWorking } from '../../ui/ShowWorking';
import { LaterWays, WayCards } from './WayCards';
import { GIVES, type Here } from './alternatives';
import type { PlanForm } from './form';
import { Column, Row } from '../../ui/layout';
import { Text } from '../../ui/text';

const SHOWN = 4;

interface Props {
  hours: PlanView['hours'];
  ways: WaysView;
  zone: string;
  change: (to: Partial<PlanForm>) => void;
  here: Here;
}

/** As this kitchen says it. */
const told = (ways: AlternativeView[]) =>
  ways.map((way) => ({ ...way, what: said(way.what), cost: said(way.cost) }));

/** Other ways to the same thickness, with the hour each reaches it and what it costs. */
export const OtherWays = memo(function OtherWays({ hours, ways, zone, change, here }: Props) {
  const late = !hours || hours.spareAtWorstSeconds < 0;
  const all = told(ways.sooner);
  const gives = all.filter((w) => GIVES[w.kind]);
  const sooner = varied(all.filter((w) => !GIVES[w.kind]));
  const later = varied(told(ways.later));
  if (gives.length === 0 && sooner.length === 0 && later.length === 0) return null;
  return (
    <Column>
      <Row gap={0} align="baseline" between sx={{ mb: -0.75 }}>
        <Text variant="caption" component="h2" tone="muted">
          {sooner.length === 0 ? 'Other ways' : late ? 'In time?' : 'Sooner?'}
        </Text>
        <ShowWorking working={ways.working} title="Other ways" />
      </Row>
      {sooner.length > 0 && (
        <WayCards
          title={late ? 'In time?' : 'Sooner?'}
          ways={sooner}
          zone={zone}
          change={change}
          here={here}
        />
      )}
      {gives.length > 0 && (
        <>
          <Text variant="caption" component="h3" tone="muted" sx={{ mb: -0.75 }}>
            Or what gives?
          </Text>
          <WayCards title="What gives?" ways={gives} zone={zone} change={change} here={here} />
        </>
      )}
      {!late && later.length > 0 && (
        <LaterWays ways={later} zone={zone} change={change} here={here} />
      )}
    </Column>
  );
});

/** At most a few, each of another kind before a second of one kind. */
function varied(ways: AlternativeView[]): AlternativeView[] {
  const first = ways.filter((w, i) => ways.findIndex((other) => other.kind === w.kind) === i);
  return [...first, ...ways.filter((w) => !first.includes(w))]
    .slice(0, SHOWN)
    .toSorted((a, b) => a.simmerSeconds - b.simmerSeconds);
}
