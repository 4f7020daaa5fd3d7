import { memo, useId } from 'react';
import type { VesselView, Working } from '../../api/client';
import { show, type Units } from '../../quantities';
import { untilWords, type Taken } from '../../api/occupancy';
import { drawnWidthOf, shareOfWidest, widestOf } from '../../ui/scale';
import { ShowWorking } from '../../ui/ShowWorking';
import { Urn } from '../../ui/Urn';
import { CoverInput, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { PotLabel, PotStand } from './plan.styles';

interface Props {
  vessels: VesselView[];
  taken: Taken;
  chosen: string;
  onChoose: (id: string) => void;
  fillMeters: number | undefined;
  fault: string | undefined;
  units: Units;
  zone: string;
  working: Working | undefined;
}

/** The kitchen's pots side by side, all to one scale. */
export const PotChoice = memo(function PotChoice(props: Props) {
  const { vessels, chosen, fault, working } = props;
  const id = useId();
  return (
    <div role="radiogroup" aria-labelledby={id}>
      <Row gap={0} align="baseline" between>
        <Text id={id} variant="caption" tone="muted">
          In which pot
        </Text>
        {working && (
          <ShowWorking working={working} title="What a pot holds" words="how full is counted" />
        )}
      </Row>
      <Row gap={0.25} align="start" wrap>
        {vessels.map((v) => (
          <Pot key={v.id} {...props} vessel={v} group={id} on={v.id === chosen} />
        ))}
      </Row>
      {fault && (
        <Text variant="caption" role="alert" tone="alarm">
          {fault}
        </Text>
      )}
    </div>
  );
});

function Pot(props: Props & { vessel: VesselView; group: string; on: boolean }) {
  const { vessel: v, vessels, group, on, taken, onChoose, fillMeters, units, zone } = props;
  const widest = widestOf(vessels);
  const there = taken.get(v.id);
  const holds = show.text(show.volume(v.capacityCubicMeters, units));
  return (
    <PotLabel>
      <CoverInput
        type="radio"
        name={group}
        checked={on}
        onChange={() => onChoose(v.id)}
        aria-label={[v.name, holds, there ? `holds ${untilWords(there, zone)}` : '']
          .filter(Boolean)
          .join(', ')}
      />
      <PotStand style={{ width: `${shareOfWidest(v, widest) * 100}%` }}>
        <Urn
          shape={v}
          fillMeters={on ? Math.min(fillMeters ?? 0, v.depthMeters) : 0}
          title={v.name}
          drawnWidth={drawnWidthOf(v, widest)}
          small
        />
      </PotStand>
      <Text variant="caption" component="span" bold={on} long sx={{ display: 'block' }}>
        {v.name}
      </Text>
      <Text variant="caption" component="span" tone="muted" plain>
        {holds}
      </Text>
      {there && (
        <Text variant="caption" component="span" tone="muted" long sx={{ display: 'block' }}>
          {there.likelyFree ? `till ${show.hour(there.likelyFree, zone)}` : 'in use'}
        </Text>
      )}
    </PotLabel>
  );
}
