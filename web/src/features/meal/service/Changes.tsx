import type { ServiceView } from '../../../api/client';
import { show } from '../../../quantities';
import { BareList, Column } from '../../../ui/layout';
import { Text } from '../../../ui/text';

const MOST = 5;

/** What the last plan put elsewhere: its hour before and now. */
export function Changes({ service, zone }: { service: ServiceView; zone: string }) {
  const rest = service.moved.length - MOST;
  return (
    <Column gap={0.5}>
      <Text variant="h2">Moved at {show.hour(service.plannedAt, zone)}</Text>
      {service.moved.length === 0 && <Text tone="muted">Nothing. All is where it was.</Text>}
      <BareList aria-label="What moved">
        {service.moved.slice(0, MOST).map((m) => (
          <Text component="li" key={m.key} size="note" long>
            {m.name}, {m.what}: <s>{show.hour(m.was, zone)}</s> <b>{show.hour(m.now, zone)}</b>
            {m.wasBy !== m.nowBy && m.nowBy && `, ${m.nowBy}`}
          </Text>
        ))}
      </BareList>
      {rest > 0 && (
        <Text tone="muted" size="note">
          and {rest} more, dashed on the bench where they were
        </Text>
      )}
    </Column>
  );
}
