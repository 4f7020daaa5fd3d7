import type { ServiceView } from '../../../api/client';
import { show } from '../../../quantities';
import { BareList } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { lateMinutes, liveOf, type Live } from './live';
import { DoneRow } from './service.styles';

/** Each work that was begun: when it was planned when the service was started, and when it was. */
export function PlannedAndDone({ service, zone }: { service: ServiceView; zone: string }) {
  const live = liveOf(service);
  const begun = service.bench.work
    .flatMap((work) => {
      const one = live.get(work.task.key);
      return one?.begunAt === undefined ? [] : [{ work, one }];
    })
    .toSorted((a, b) => (a.one.begunAt ?? '').localeCompare(b.one.begunAt ?? ''));
  if (begun.length === 0) return <Text tone="muted">Nobody said that anything was begun.</Text>;
  return (
    <BareList aria-label="Planned and done">
      <DoneRow>
        <Text tone="muted" size="note">
          Work
        </Text>
        <Text tone="muted" size="note">
          Planned
        </Text>
        <Text tone="muted" size="note">
          Begun
        </Text>
        <Text tone="muted" size="note">
          Over
        </Text>
      </DoneRow>
      {begun.map(({ work, one }) => (
        <DoneRow key={one.key}>
          <Text long>
            {work.task.name}, {work.task.what}
            {one.by && <Text component="span" tone="muted">{` · ${one.by}`}</Text>}
          </Text>
          <Text figures>{one.firstBegins ? show.hour(one.firstBegins, zone) : '–'}</Text>
          <Text figures tone={isLate(one.firstBegins, one.begunAt) ? 'alarm' : 'ink'}>
            {one.begunAt && show.hour(one.begunAt, zone)}
          </Text>
          <Over one={one} zone={zone} />
        </DoneRow>
      ))}
    </BareList>
  );
}

const LATE_MINUTES = 3;
const isLate = (planned: string | undefined, really: string | undefined): boolean =>
  (lateMinutes(planned, really) ?? 0) >= LATE_MINUTES;

function Over({ one, zone }: { one: Live; zone: string }) {
  if (one.overAt === undefined) return <Text tone="muted">goes on</Text>;
  const by = lateMinutes(one.firstEnds, one.overAt) ?? 0;
  return (
    <Text figures tone={by >= LATE_MINUTES ? 'alarm' : 'ink'}>
      {show.hour(one.overAt, zone)}
      {Math.abs(by) >= LATE_MINUTES && ` (${by > 0 ? '+' : '−'}${Math.abs(by)})`}
    </Text>
  );
}
