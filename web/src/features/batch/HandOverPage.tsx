import { Box, Button } from '@mui/material';
import { useParams } from 'react-router';
import { useKitchen } from '../../api/kitchen';
import type { BatchView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { heatInWords } from '../../ui/heat';
import { Eaters } from '../../ui/Eaters';
import { Cautions } from '../../ui/Cautions';
import { Page } from '../../ui/Page';
import { PotPicture } from './PotPicture';
import { useBatch } from '../../api/batches';
import { along, TICK_MS } from '../../ui/along';
import { useNow } from '../../api/clock';
import { jobOf } from './job';
import { eventWords } from './readings';
import { heatNow, toDoWords } from './steps';
import { BareList, Column } from '../../ui/layout';
import { Text } from '../../ui/text';
import { StoveGrid } from './batch.styles';
import { Pending } from '../../ui/Pending';

/** Everything about one pot, for whoever takes it over: on one screen and on one printed page. */
export function HandOverPage() {
  const { id } = useParams();
  const { data: kitchen } = useKitchen();
  const batch = useBatch(id);
  if (!kitchen || !batch.data)
    return <Pending title="Hand over" step="Pot" shape="columns" error={batch.error} />;
  return <HandOver batch={batch.data} kitchen={kitchen} />;
}

function HandOver({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const now = useNow(TICK_MS);
  const { forecast, pot } = batch;
  const { heating, lid } = heatNow(batch, now);
  const { zone, units } = kitchen.settings;
  const hour = (instant: string | undefined) => (instant ? show.hour(instant, zone) : '–');
  const live = batch.status === 'SIMMERING';
  return (
    <Page
      title={`${batch.name}, handed over at ${show.hour(now, zone)}`}
      sub={`${pot.vessel.name} on ${pot.heatSourceName} · ${heatInWords(heating, units)} · lid ${lid.toLowerCase()} · lit ${hour(batch.startedAt)}`}
      step="Pot"
      job={jobOf(batch)}
    >
      <StoveGrid>
        <PotPicture
          batch={batch}
          kitchen={kitchen}
          now={live ? now : undefined}
          here={along(forecast.likely, now)}
        />
        <Column gap={1.5}>
          <Text size="large" figures>
            {forecast.thickAt ? `thick enough at ${hour(forecast.thickAt)}` : forecast.neverReason}
          </Text>
          <Text>
            between {hour(forecast.earliest)} and {hour(forecast.latest)}, from {forecast.readings}{' '}
            {forecast.readings === 1 ? 'reading' : 'readings'} · stir every{' '}
            {Math.round(forecast.stirEverySeconds / 60)} min
          </Text>
          <Cautions of={forecast.cautions} />
          <Eaters of={batch.declaration} />
          <List
            title="Still to do"
            rows={batch.toDo.map((one) => `${hour(one.at)}  ${toDoWords(one, units)}`)}
          />
          <List
            title="What was read and done"
            rows={batch.events
              .filter((e) => eventWords(e, units) && !e.struckOut)
              .map((e) => `${hour(e.happenedAt)}  ${eventWords(e, units)}`)}
          />
          <List
            title="In the pot and to come"
            rows={forecast.lines.map(
              (l) =>
                `${show.text(show.mass(l.dueKilograms, units))} ${l.name}${l.poured ? ', as poured' : l.later ? ', to come' : ''}`,
            )}
          />
          <Button
            variant="contained"
            href={`/api/batches/${batch.id}/hand-over.pdf`}
            target="_blank"
            sx={{ alignSelf: 'flex-start' }}
          >
            One page to print
          </Button>
        </Column>
      </StoveGrid>
    </Page>
  );
}

function List({ title, rows }: { title: string; rows: string[] }) {
  if (rows.length === 0) return null;
  return (
    <Box component="section" aria-label={title}>
      <Text variant="h2" sx={{ mb: 0.5 }}>
        {title}
      </Text>
      <BareList sx={{ fontSize: sizes.note, columnCount: rows.length > 8 ? 2 : 1 }}>
        {rows.map((row) => (
          <li key={row}>{row}</li>
        ))}
      </BareList>
    </Box>
  );
}
