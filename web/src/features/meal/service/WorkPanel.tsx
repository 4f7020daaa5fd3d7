import { useState } from 'react';
import type { BenchView, ServiceView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { ActButton } from '../../../ui/ActButton';
import { Pick } from '../../../ui/fields';
import { Column, Row } from '../../../ui/layout';
import { taskWords } from '../../../ui/tasks';
import { Text } from '../../../ui/text';
import type { Work } from '../bench/lanes';
import type { Live } from './live';
import type { Say } from './useSay';

interface Props {
  service: ServiceView;
  work: Work;
  live: Live;
  say: Say;
  units: Units;
  zone: string;
}

/** One work, and all that can be said of it. */
export function WorkPanel(props: Props) {
  const { work, live, units, zone } = props;
  return (
    <Column gap={1} role="group" aria-label={`Work: ${work.task.name}, ${work.task.what}`}>
      <Text variant="h2" long>
        {work.task.name}: {taskWords(work.task, units)}
      </Text>
      <Text tone="muted" long>
        {WHEN[live.state](work, live, zone)}
        {live.wanted && ' · stays where it was put'}
        {live.batchId && ' · its pot on the stove tells how far it is'}
      </Text>
      {live.state === 'TO_COME' && <ToCome {...props} />}
      {live.state === 'GOING' && <Going {...props} />}
    </Column>
  );
}

const WHEN = {
  TO_COME: (w: Work, _: Live, zone: string) =>
    `${show.hour(w.begins, zone)} to ${show.hour(w.ends, zone)}${w.by ? `, ${w.by}` : ''}`,
  GOING: (w: Work, l: Live, zone: string) =>
    `since ${show.hour(l.begunAt ?? w.begins, zone)}${l.by ? `, ${l.by}` : ''}, until about ${show.hour(w.ends, zone)}`,
  OVER: (w: Work, l: Live, zone: string) =>
    `over at ${show.hour(l.overAt ?? w.ends, zone)}${l.by ? `, ${l.by}` : ''}`,
};

const MOVES = [
  ['5 min earlier', -5],
  ['5 min later', 5],
] as const;

function ToCome({ service, work, live, say }: Props) {
  const { key } = work.task;
  const here = service.cooks.filter((c) => c.here).map((c) => c.name);
  const planned = work.by;
  const [by, setBy] = useState(planned);
  const who = by ?? planned;
  return (
    <>
      {planned && (
        <Pick
          label="By whom"
          value={who ?? planned}
          options={[...new Set([planned, ...here])].map((name) => [name, name] as const)}
          onPick={setBy}
        />
      )}
      <Row wrap gap={1}>
        <ActButton variant="contained" onAct={() => say('BEGAN', { key, ...(who && { by: who }) })}>
          It has begun
        </ActButton>
        <ActButton variant="outlined" onAct={() => say('ENDED', { key })}>
          It is done
        </ActButton>
      </Row>
      <Row wrap gap={1}>
        {MOVES.map(([words, minutes]) => (
          <ActButton
            key={words}
            onAct={() => say('WANTED', { key, minutes, ...(who && { by: who }) })}
          >
            {words}
          </ActButton>
        ))}
        {live.wanted ? (
          <ActButton onAct={() => say('LET_GO', { key })}>May be moved again</ActButton>
        ) : (
          <ActButton onAct={() => say('WANTED', { key, minutes: 0, ...(who && { by: who }) })}>
            {who === planned ? 'Stays there' : `Stays there, by ${who}`}
          </ActButton>
        )}
        <ActButton onAct={() => say('TAKES_LONGER', { key, minutes: 10 })}>
          Takes 10 min longer
        </ActButton>
      </Row>
    </>
  );
}

function Going({ service, work, live, say }: Props) {
  const { key } = work.task;
  return (
    <>
      <Row wrap gap={1}>
        <ActButton variant="contained" onAct={() => say('ENDED', { key })}>
          It is done
        </ActButton>
        {[5, 15].map((minutes) => (
          <ActButton
            key={minutes}
            variant="outlined"
            onAct={() => say('TAKES_LONGER', { key, minutes })}
          >
            {minutes} min longer
          </ActButton>
        ))}
        <ActButton onAct={() => say('TAKES_LONGER', { key, minutes: -5 })}>5 min less</ActButton>
      </Row>
      {live.toBeMoved && <MoveTo service={service} work={work} say={say} />}
    </>
  );
}

type Lane = BenchView['lanes'][number];

/** What it stands on does not work: where is it now? */
function MoveTo({ service, work, say }: Standing) {
  const free = service.bench.lanes.filter(
    (l: Lane) => l.kind === 'BURNER' && !service.failedLaneIds.includes(l.id),
  );
  return (
    <Row wrap gap={1}>
      <Text tone="alarm" strong>
        What it stands on does not work. It stands now on
      </Text>
      {free.map((l) => (
        <ActButton
          key={l.id}
          variant="outlined"
          onAct={() => say('MOVED', { key: work.task.key, laneId: l.id })}
        >
          {l.name}
        </ActButton>
      ))}
    </Row>
  );
}

interface Standing {
  service: ServiceView;
  work: Work;
  say: Say;
}
