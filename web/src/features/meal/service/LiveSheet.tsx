import { Button } from '@mui/material';
import { useState } from 'react';
import type { ServiceView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { ActButton } from '../../../ui/ActButton';
import { BareList, Column, Row } from '../../../ui/layout';
import { taskWords } from '../../../ui/tasks';
import { Text } from '../../../ui/text';
import { RunRow } from '../bench/bench.styles';
import type { Work } from '../bench/lanes';
import { placesOf } from '../bench/RunSheet';
import { Calendar } from './Calendar';
import { besides, liveOf, type Live } from './live';
import type { Say } from './useSay';
import { WorkPanel } from './WorkPanel';

interface Props {
  service: ServiceView;
  cook: string;
  say: Say;
  units: Units;
  zone: string;
}

/** What a cook does now and next, with one press each; what is done is out of the way. */
export function LiveSheet(props: Props) {
  const { service, cook } = props;
  const live = liveOf(service);
  const own = service.bench.work.filter((w) => (live.get(w.task.key)?.by ?? w.by) === cook);
  const stateOf = (w: Work) => live.get(w.task.key)?.state;
  const done = own.filter((w) => stateOf(w) === 'OVER').length;
  const left = own.filter((w) => stateOf(w) !== 'OVER');
  const next = left.find((w) => stateOf(w) === 'TO_COME');
  return (
    <Column gap={1}>
      {done > 0 && <Text tone="muted">{done} done</Text>}
      <Calendar serviceId={service.id} cook={cook} />
      {left.length === 0 && <Text>Nothing is left for {cook}.</Text>}
      <BareList aria-label={`Run sheet of ${cook}`}>
        {left.map((w) => {
          const one = live.get(w.task.key);
          return one ? (
            <LiveRow key={w.task.key} {...props} work={w} live={one} current={w === next} />
          ) : null;
        })}
      </BareList>
    </Column>
  );
}

function LiveRow(props: Props & { work: Work; live: Live; current: boolean }) {
  const { service, work, live, say, units, zone, current } = props;
  const [open, setOpen] = useState(false);
  const { key } = work.task;
  const going = live.state === 'GOING';
  const words = taskWords(work.task, units);
  return (
    <RunRow aria-current={current ? 'step' : undefined}>
      <Text size="step" strong tone={current ? 'alarm' : going ? 'good' : 'ink'}>
        {show.hour(going ? (live.begunAt ?? work.begins) : work.begins, zone)}
      </Text>
      <div>
        <Text size="step" strong={current || going} long>
          {words}
        </Text>
        <Text tone="muted" size="note" long>
          {work.task.name}
          {placesOf(service.bench, work).map((p) => ` · ${p}`)}
          {besides(service.bench.work, work).map((o) => ` · meanwhile ${o.by}: ${o.task.what}`)}
          {going && ` · goes on until about ${show.hour(work.ends, zone)}`}
        </Text>
        {open && <WorkPanel {...props} />}
      </div>
      <Row gap={1} sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        {going || isHandsOnly(work) ? (
          <ActButton
            variant={current || going ? 'contained' : 'outlined'}
            aria-label={`Done: ${words}`}
            onAct={() => say('ENDED', { key })}
          >
            Done
          </ActButton>
        ) : (
          <ActButton
            variant={current ? 'contained' : 'outlined'}
            aria-label={`Begun: ${words}`}
            onAct={() => say('BEGAN', { key })}
          >
            Begun
          </ActButton>
        )}
        <Button
          aria-expanded={open}
          aria-label={`More of: ${words}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'less' : 'more'}
        </Button>
      </Row>
    </RunRow>
  );
}

const A_MINUTE_MS = 60_000;
/** It is over when the hands are out of it. */
const isHandsOnly = (w: Work): boolean =>
  Date.parse(w.ends) - Date.parse(w.handsUntil) < A_MINUTE_MS;
