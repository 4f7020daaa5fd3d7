import { Typography } from '@mui/material';
import { Link, useParams } from 'react-router';
import { useKitchen } from '../../api/kitchen';
import { heatInWords } from '../../ui/heat';
import { BrokenPots } from '../../ui/BrokenPots';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Pot } from './Pot';
import { StoveTop } from './StoveTop';
import { useBatch, useBatches } from '../../api/batches';

/** The stove: every pot as a tab, one large. */
export function PotsPage() {
  const { id } = useParams();
  const { data: kitchen } = useKitchen();
  const batches = useBatches();
  const shown = id ?? batches.data?.[0]?.id;
  const batch = useBatch(shown);
  if (!kitchen || (!batches.data && !batches.error))
    return (
      <Page title="Pots" sub="what is on the stove" step="Pot">
        {null}
      </Page>
    );
  return (
    <Page
      title={batch.data?.name ?? 'Pots'}
      sub={
        batch.data
          ? `${batch.data.pot.vessel.name} on ${batch.data.pot.heatSourceName} · ${heatInWords(batch.data.pot.heating)} · lid ${batch.data.pot.lid.toLowerCase()}`
          : 'what is on the stove'
      }
      step="Pot"
    >
      {batches.error && <Note tone="tomato">{batches.error.message}</Note>}
      <BrokenPots zone={kitchen.settings.zone} />
      {batch.error && <Note tone="tomato">{batch.error.message}</Note>}
      {batches.data && batches.data.length > 0 && (
        <StoveTop batches={batches.data} kitchen={kitchen} shown={shown} />
      )}
      {batch.data && <Pot key={batch.data.id} batch={batch.data} kitchen={kitchen} />}
      {!shown && !batches.error && (
        <Typography>
          Nothing is on the stove. <Link to="/plan">Plan a batch</Link> and light the burner.
        </Typography>
      )}
    </Page>
  );
}
