import { useQueries } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { client, type BatchView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { dashOf, FallsOver } from '../../ui/FallsOver';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { list } from '../../ui/list';
import { Text } from '../../ui/text';
import { facts, told, type Fact } from './facts';
import { fallOf } from './falls';
import { Slip, SlipFacts, Slips } from './logbook.styles';

/** The batches that are asked for, those that were found, and how many were not. */
function useCompared(ids: string[]) {
  const found = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['batches', id],
      queryFn: () => answered(client.GET('/api/batches/{id}', { params: { path: { id } } })),
    })),
  });
  return {
    batches: found.flatMap((f) => (f.data ? [f.data] : [])),
    leftOut: found.filter((f) => f.error).length,
  };
}

/** Fall lines laid over each other, and below them what tells the batches apart. */
export function ComparePage() {
  const [search] = useSearchParams();
  const ids = (search.get('ids') ?? '').split(',').filter(Boolean);
  const { data: kitchen } = useKitchen();
  const { batches, leftOut } = useCompared(ids);
  const zone = kitchen?.settings.zone ?? 'UTC';
  const name = (b: BatchView) => `${b.name}, ${show.day(b.startedAt, zone)}`;
  return (
    <Page
      title="Batch against batch"
      sub="minutes from the simmer on, mass as a share of what was in the pot then"
      step="Log"
    >
      {leftOut > 0 && (
        <Note>
          {leftOut} of {ids.length} {leftOut === 1 ? 'is' : 'are'} left out: no such batch is in the
          logbook, or it cannot be shown.
        </Note>
      )}
      {ids.length < 2 && (
        <Text>
          Tick two or more batches in the <Link to="/logbook">logbook</Link>.
        </Text>
      )}
      {batches.length > 0 && (
        <FallsOver
          falls={batches.map((b) =>
            fallOf(b, `${b.pot.vessel.name}, ${show.day(b.startedAt, zone)}`),
          )}
          title={`Fall lines of ${list(batches.map(name))}`}
        />
      )}
      {kitchen && batches.length > 0 && (
        <Apart batches={batches} facts={facts(batches, kitchen.settings.units)} name={name} />
      )}
    </Page>
  );
}

interface ApartProps {
  batches: BatchView[];
  facts: Fact[];
  name: (b: BatchView) => string;
}
/** Each batch with its own line and what is different of it; what is the same of all is said once. */
function Apart({ batches, facts, name }: ApartProps) {
  const { same, different } = told(facts);
  return (
    <section aria-label="What tells them apart">
      {same.length > 0 && (
        <Text tone="muted">
          The same in all: {same.map((f) => `${f.label} ${f.cells[0]}`).join(' · ')}
        </Text>
      )}
      <Slips>
        {batches.map((b, i) => (
          <Slip key={b.id} aria-label={name(b)}>
            <Sample place={i} />
            <Text component={Link} to={`/logbook/${b.id}`} tone="ink" bold long>
              {name(b)}
            </Text>
            <SlipFacts>
              {different.map((f) => (
                <div key={f.label}>
                  <dt>{f.label}</dt>
                  <dd>{f.cells[i] || '–'}</dd>
                </div>
              ))}
            </SlipFacts>
          </Slip>
        ))}
      </Slips>
    </section>
  );
}

/** The line that a batch has in the picture. */
function Sample({ place }: { place: number }) {
  return (
    <svg viewBox="0 0 100 6" width="100" height="6" aria-hidden="true">
      <line
        x1="0"
        x2="100"
        y1="3"
        y2="3"
        stroke="currentColor"
        strokeWidth="3"
        strokeDasharray={dashOf(place)}
      />
    </svg>
  );
}
