import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, type KeepingView } from '../../api/client';
import { useLots } from '../../api/lots';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { Text } from '../../ui/text';

/** How it was held, cooled and put away. */
export function WhatWasKept({ batchId, zone }: { batchId: string; zone: string }) {
  const { data: lots = [] } = useLots();
  const { data: kept = [] } = useQuery({
    queryKey: ['keepings', 'of', batchId],
    queryFn: () =>
      answered(client.GET('/api/keepings/of-batch/{batchId}', { params: { path: { batchId } } })),
  });
  const mine = lots.filter((l) => l.batchId === batchId);
  return (
    <section aria-label="Kept">
      <Text variant="h2">Kept</Text>
      {kept.length + mine.length === 0 && (
        <Text tone="muted">Nothing is noted of how it was held, cooled or put away.</Text>
      )}
      {kept.map((k) => (
        <Text key={k.id}>
          {k.cooling ? 'Cooled' : 'Held hot'} from {show.hour(k.startedAt, zone)}
          {ended(k)} ({k.ruleSetName}){' '}
          <a href={`/api/keepings/${k.id}/record.pdf`} target="_blank" rel="noreferrer">
            record
          </a>
        </Text>
      ))}
      {mine.map((l) => (
        <Text key={l.id}>
          <Link to={`/keep/lots/${l.id}`}>
            {l.tubs} {l.tubs === 1 ? 'tub' : 'tubs'} {l.code}
          </Link>
          , {l.placeName}
        </Text>
      ))}
    </section>
  );
}

function ended(k: KeepingView): string {
  switch (k.closedAs) {
    case undefined:
      return '';
    case 'DISCARDED':
      return `, thrown away: ${k.reason}`;
    case 'SERVED':
      return ', served';
    default:
      return ', put away';
  }
}
