import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useAsMade, useBatch } from '../../api/batches';
import type { BatchView, KitchenView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { show } from '../../quantities';
import { Eaters } from '../../ui/Eaters';
import { FallsOver } from '../../ui/FallsOver';
import { Page } from '../../ui/Page';
import { heatInWords } from '../../ui/heat';
import { Column, Halves } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useGo } from '../../ui/useGo';
import { AgainSheet } from './AgainSheet';
import { Happened } from './Happened';
import { HowItLooked } from './HowItLooked';
import { WhatWasKept } from './WhatWasKept';
import { WhatWentIn } from './WhatWentIn';
import { fallOf } from './falls';
import { Pending } from '../../ui/Pending';

/** One finished batch: as it fell, what went in, where it went, and making it again. */
export function RecordPage() {
  const { id } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: batch, error } = useBatch(id);
  if (!kitchen || !batch) return <Pending title="Batch" step="Log" shape="columns" error={error} />;
  return <Record batch={batch} kitchen={kitchen} />;
}

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
}

const reachedBy = (batch: BatchView): number =>
  batch.end?.reachedSolidsFraction ?? batch.forecast.equivalentSolidsFraction;

function Record({ batch, kitchen }: Props) {
  const { units, zone } = kitchen.settings;
  const { pot, startedAt } = batch;
  return (
    <Page
      title={batch.name}
      sub={`${show.day(startedAt, zone)} · ${pot.vessel.name} on ${pot.heatSourceName} · ${heatInWords(pot.heating, units)}, lid ${pot.lid.toLowerCase()}`}
      step="Log"
      job={{
        formulaId: batch.formulaId,
        schools: batch.schools,
        batchId: batch.id,
        isOver: batch.end !== undefined,
      }}
      acts={<RecordActs batch={batch} kitchen={kitchen} />}
    >
      <FallsOver falls={[fallOf(batch, 'as it fell')]} title={`Fall line of ${batch.name}`} />
      <Outcome batch={batch} kitchen={kitchen} />
      <Halves gap={4}>
        <Column gap={2}>
          <Happened batch={batch} kitchen={kitchen} />
          <WhatWentIn batch={batch} zone={zone} />
        </Column>
        <Column gap={2}>
          <HowItLooked batch={batch} zone={zone} />
          <Eaters of={batch.declaration} />
          <WhatWasKept batchId={batch.id} zone={zone} />
        </Column>
      </Halves>
    </Page>
  );
}

function Outcome({ batch, kitchen }: Props) {
  const { units } = kitchen.settings;
  const out = batch.end?.finalMassKilograms;
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return (
    <Box>
      <Text>
        {out === undefined ? 'It was not weighed at the end' : `${mass(out)} came out`},{' '}
        {mass(batch.planned.endMassKilograms)} were planned; about{' '}
        {show.text(show.percent(reachedBy(batch)))} solids. The pot boiled off ×{' '}
        {show.fixed(batch.forecast.evaporationFactor, 2)} of the assumed rate.
      </Text>
      {batch.end?.note && (
        <Text long sx={{ mt: 1, fontStyle: 'italic' }}>
          {batch.end.note}
        </Text>
      )}
      <Text sx={{ mt: 1 }}>
        <Link to={`/pots/${batch.id}`}>Every entry</Link> ·{' '}
        <Link to={`/pots/${batch.id}/hand-over`}>to print</Link>
      </Text>
    </Box>
  );
}

function RecordActs({ batch, kitchen }: Props) {
  const go = useGo();
  const { data: made } = useAsMade(batch.id);
  const [asking, setAsking] = useState(false);
  const out = batch.end?.finalMassKilograms;
  const { units } = kitchen.settings;
  const mass =
    out === undefined ? '' : `&mass=${encodeURIComponent(show.text(show.mass(out, units)))}`;
  // As it turned out: the thickness that was reached, in this pot, on this burner, with this heat
  // and lid.
  const plan = (asMade?: string) =>
    go('/plan', {
      state: {
        formulaId: asMade ?? batch.formulaId,
        schools: asMade ? [] : batch.schools,
        asItTurnedOut: {
          solidsFraction: reachedBy(batch),
          vesselId: batch.pot.vessel.id,
          heatSourceId: batch.pot.heatSourceId,
          way: batch.pot.heating.way,
          lid: batch.pot.lid,
        },
      },
    });
  return (
    <>
      <Button
        variant="outlined"
        component="a"
        href={`/api/batches/${batch.id}/readings.csv`}
        download="readings.csv"
      >
        Readings as a table
      </Button>
      <Button variant="outlined" component={Link} to={`/keep/cool?batch=${batch.id}${mass}`}>
        Cool it
      </Button>
      <Button
        variant="contained"
        onClick={() => (made && made.differences.length > 0 ? setAsking(true) : plan())}
      >
        Make it again
      </Button>
      {made && asking && (
        <AgainSheet
          batchId={batch.id}
          made={made}
          units={units}
          onPlan={plan}
          onClose={() => setAsking(false)}
        />
      )}
    </>
  );
}
