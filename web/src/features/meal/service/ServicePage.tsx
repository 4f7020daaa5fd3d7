import { Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useNow } from '../../../api/clock';
import type { KitchenView, ServiceView } from '../../../api/client';
import { useKitchen } from '../../../api/kitchen';
import { useConflictOfService, useService } from '../../../api/services';
import { show } from '../../../quantities';
import { ActButton } from '../../../ui/ActButton';
import { Choices } from '../../../ui/Choices';
import { Note } from '../../../ui/Note';
import { Page } from '../../../ui/Page';
import { Pending } from '../../../ui/Pending';
import { Row } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { platesOf } from '../bench/platesOf';
import { Verdict } from '../bench/Verdict';
import { unticked } from './live';
import { LiveBench } from './LiveBench';
import { LiveSheet } from './LiveSheet';
import { Pass } from './Pass';
import { PlannedAndDone } from './PlannedAndDone';
import { useSay, type Say } from './useSay';

const EVERY_MS = 15_000;
const BENCH = 'the bench';
const PASS = 'the pass';
const DONE = 'planned and done';
const HOURS = [
  { value: '2', text: 'next 2 h' },
  { value: '5', text: 'next 5 h' },
  { value: 'all', text: 'all of it' },
] as const;

/** A service while it goes on. */
export function ServicePage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: service, error } = useService(id);
  if (!kitchen || !service) return <Pending title="Service" step="Size" error={error} />;
  return <Running service={service} kitchen={kitchen} />;
}

function Running({ service, kitchen }: { service: ServiceView; kitchen: KitchenView }) {
  const { zone } = kitchen.settings;
  const { say, end, reopen } = useSay(service.id);
  const over = service.endedAt !== undefined;
  return (
    <Page
      title={service.name}
      sub={`${platesOf(service.bench, zone)} · ${
        service.endedAt === undefined
          ? `going on since ${show.hour(service.startedAt, zone)}`
          : `over since ${show.hour(service.endedAt, zone)}`
      }`}
      step="Size"
      acts={
        <>
          <Button component={Link} to={`/meals/${service.mealId}`} variant="outlined">
            The meal
          </Button>
          {!over && (
            <Button href={`/api/services/${service.id}/sheets.pdf`} variant="outlined">
              Print the sheets
            </Button>
          )}
          {!over && (
            <ActButton variant="outlined" onAct={end}>
              All of it is out
            </ActButton>
          )}
        </>
      }
    >
      {over ? (
        <>
          <ActButton onAct={reopen} sx={{ mb: 1 }}>
            It goes on after all
          </ActButton>
          <PlannedAndDone service={service} zone={zone} />
        </>
      ) : (
        <Going service={service} kitchen={kitchen} say={say} />
      )}
    </Page>
  );
}

function Going({
  service,
  kitchen,
  say,
}: {
  service: ServiceView;
  kitchen: KitchenView;
  say: Say;
}) {
  const { units, zone } = kitchen.settings;
  const now = useNow(EVERY_MS);
  const [hours, setHours] = useState<(typeof HOURS)[number]['value']>('2');
  const [seen, setSeen] = useState(BENCH);
  const cooks = service.cooks.map((c) => c.name);
  return (
    <>
      <Standing service={service} now={now} say={say} />
      <Row gap={3} wrap sx={{ my: 1 }}>
        <Choices
          label="Show"
          options={[BENCH, ...cooks, PASS, DONE].map((name) => ({
            value: name,
            text: cooks.includes(name) ? `${name}’s run sheet` : name,
          }))}
          chosen={seen}
          onChoose={setSeen}
        />
        {seen === BENCH && (
          <Choices label="From" options={HOURS} chosen={hours} onChoose={setHours} />
        )}
      </Row>
      {seen === BENCH && (
        <LiveBench
          service={service}
          say={say}
          units={units}
          zone={zone}
          now={now}
          hours={hours === 'all' ? undefined : Number(hours)}
        />
      )}
      {cooks.includes(seen) && (
        <LiveSheet service={service} cook={seen} say={say} units={units} zone={zone} />
      )}
      {seen === PASS && <Pass service={service} say={say} units={units} zone={zone} />}
      {seen === DONE && <PlannedAndDone service={service} zone={zone} />}
    </>
  );
}

/** Whether the hours hold, and what nobody ticked. */
function Standing({ service, now, say }: { service: ServiceView; now: number; say: Say }) {
  const fits = ['FITS', 'TIGHT'].includes(service.bench.verdict);
  const { data: conflict } = useConflictOfService(
    service.id,
    service.plannedAt,
    !fits && !service.reckoning,
  );
  const open = unticked(service, now);
  const toMove = service.works.filter((w) => w.toBeMoved).length;
  return (
    <div aria-live="polite">
      {service.reckoning && <Text tone="muted">Planned anew just now …</Text>}
      <Verdict bench={service.bench} conflict={conflict} />
      {toMove > 0 && (
        <Note tone="tomato">
          {toMove === 1 ? 'A pot stands' : `${toMove} pots stand`} on what does not work. Choose it
          on the bench and say where it is now.
        </Note>
      )}
      {open.length > 0 && (
        <Note>
          <Row gap={2} wrap>
            <span>
              {open.length === 1 ? 'One work is' : `${open.length} works are`} not ticked that
              should have begun or be over.
            </span>
            <ActButton variant="outlined" size="small" onAct={() => say('AS_PLANNED')}>
              All went as planned
            </ActButton>
          </Row>
        </Note>
      )}
    </div>
  );
}
