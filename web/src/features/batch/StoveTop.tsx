import { useEffect, useRef } from 'react';
import type { KitchenView, OnStove } from '../../api/client';
import { useNow } from '../../api/clock';
import { useTasks } from '../../api/tasks';
import { show } from '../../quantities';
import { Urn } from '../../ui/Urn';
import { ringing, useAwake } from '../../ui/alarm';
import { Text } from '../../ui/text';
import { along } from '../../ui/along';
import { FreePot, PotLink, PotsNav, SmallUrn } from './batch.styles';

interface Props {
  batches: OnStove[];
  kitchen: KitchenView;
  shown: string | undefined;
}

/** On which burner of this kitchen a pot stands, or in its oven. */
function placeOf({ pot }: OnStove, { heatSources }: KitchenView): string {
  if (pot.heating.way === 'OVEN') return 'Oven';
  return heatSources.find((h) => h.id === pot.heatSourceId)?.name ?? 'Other burner';
}

/** Every pot of the kitchen, those that need somebody first; then the burners that are free. */
export function StoveTop({ batches, kitchen, shown }: Props) {
  const now = useNow();
  const { data: tasks = [] } = useTasks();
  const due = new Set(ringing(tasks, now).map((t) => t.subjectId));
  const awake = useAwake(batches.length > 0);
  const pots = batches.toSorted((a, b) => Number(due.has(b.id)) - Number(due.has(a.id)));
  const free = kitchen.heatSources.filter(
    (h) => !batches.some((b) => b.pot.heating.way !== 'OVEN' && b.pot.heatSourceId === h.id),
  );
  return (
    <div>
      <PotsNav aria-label="Pots on the stove">
        {pots.map((b) => (
          <PotOnBurner
            key={b.id}
            batch={b}
            place={placeOf(b, kitchen)}
            current={b.id === shown}
            due={due.has(b.id)}
            now={now}
            zone={kitchen.settings.zone}
          />
        ))}
        {free.length > 0 && (
          <FreePot>
            <Text size="small">free: {free.map((h) => h.name).join(', ')}</Text>
            <Text size="small">{awake ? 'screen stays awake' : 'screen may sleep'}</Text>
          </FreePot>
        )}
      </PotsNav>
    </div>
  );
}

interface OnBurner {
  batch: OnStove;
  place: string;
  current: boolean;
  due: boolean;
  now: number;
  zone: string;
}

function PotOnBurner({ batch, place, current, due, now, zone }: OnBurner) {
  const simmers = Date.parse(batch.simmerStartedAt) <= now;
  const here = simmers ? along(batch.likely, now) : undefined;
  const { thickAt } = batch;
  const link = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    if (current) link.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current]);
  return (
    <PotLink
      ref={link}
      to={`/pots/${batch.id}`}
      aria-current={current ? 'page' : undefined}
      current={current}
      due={due}
    >
      <SmallUrn>
        <Urn
          small
          shape={batch.pot.vessel}
          fillMeters={here?.depthMeters ?? 0}
          thickness={here?.solidsFraction ?? 0}
          title={`${batch.pot.vessel.name} on ${place}`}
        />
      </SmallUrn>
      <span>
        <Text component="span" bold long sx={{ display: 'block' }}>
          {batch.name}
        </Text>
        <Text component="span" tone={due ? 'alarm' : 'muted'} size="small">
          {place}
          {due ? ' · needs you' : ''}
        </Text>
      </span>
      <Text component="span" size="step" figures>
        {thickAt ? show.hour(thickAt, zone) : '–'}
      </Text>
    </PotLink>
  );
}
