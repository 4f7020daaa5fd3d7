import { Link, Navigate, useParams } from 'react-router';
import { useBatch, useBatches } from '../../api/batches';
import type { BatchView, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { useKitchen } from '../../api/kitchen';
import { jobOf } from './job';
import { TICK_MS } from '../../ui/along';
import { BrokenPots } from '../../ui/BrokenPots';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Bones, Pending } from '../../ui/Pending';
import { heatInWords } from '../../ui/heat';
import { Text } from '../../ui/text';
import { Pot } from './Pot';
import { StoveTop } from './StoveTop';
import { heatNow } from './steps';

/** The stove: every pot in small, one large. The address says which: it never becomes another by itself. */
export function PotsPage() {
  const { id } = useParams();
  const { data: kitchen, error: noKitchen } = useKitchen();
  const { data: pots, error: noPots } = useBatches();
  const { data: batch, error: noBatch } = useBatch(id);
  const now = useNow(TICK_MS);
  const error = noKitchen ?? noPots;
  if (!kitchen || (!pots && !noPots))
    return (
      <Pending title="Pots" sub="what is on the stove" step="Pot" shape="columns" error={error} />
    );
  const first = pots?.[0]?.id;
  if (!id && first) return <Navigate to={`/pots/${first}`} replace />;
  return (
    <Page
      title={batch?.name ?? 'Pots'}
      sub={batch ? where(batch, kitchen, now) : 'what is on the stove'}
      step="Pot"
      job={batch ? jobOf(batch) : { batchId: id }}
    >
      {error && <Note tone="tomato">{error.message}</Note>}
      <BrokenPots zone={kitchen.settings.zone} />
      {noBatch && <Note tone="tomato">{noBatch.message}</Note>}
      {pots && pots.length > 0 && <StoveTop batches={pots} kitchen={kitchen} shown={id} />}
      {batch && <Pot key={batch.id} batch={batch} kitchen={kitchen} />}
      {id && !batch && !noBatch && <Bones shape="columns" />}
      {!id && !error && (
        <Text>
          Nothing is on the stove. <Link to="/plan">Plan a batch</Link> and light the burner.
        </Text>
      )}
    </Page>
  );
}

function where(batch: BatchView, kitchen: KitchenView, now: number): string {
  const { heating, lid } = heatNow(batch, now);
  const heat = heatInWords(heating, kitchen.settings.units);
  const { pot } = batch;
  return `${pot.vessel.name} on ${pot.heatSourceName} · ${heat} · lid ${lid.toLowerCase()}`;
}
