import { useState } from 'react';
import { useLate } from '../../../api/bench';
import type { BenchLateView, BenchView } from '../../../api/client';
import { show } from '../../../quantities';
import { Pick } from '../../../ui/fields';
import { Column } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { BoxGrid, LateFields } from './bench.styles';
import type { Work } from './lanes';
import { named } from './named';

const LATE = [5, 10, 20, 40] as const;
/** More of what moves is on the bench. */
const MOST_MOVES = 4;

/** What a cook asks of a service before it starts. */
export function Boxes({ bench, zone }: { bench: BenchView; zone: string }) {
  return (
    <BoxGrid>
      <Tightest bench={bench} zone={zone} />
      <IfLate bench={bench} zone={zone} />
      <TakeOuts bench={bench} />
    </BoxGrid>
  );
}

function Tightest({ bench, zone }: { bench: BenchView; zone: string }) {
  const tight = bench.work.find((w) => w.task.key === bench.tightest);
  return (
    <Column gap={0.5}>
      <Text variant="h2">Tightest spot</Text>
      {tight && (
        <Text tone="muted" long>
          {named(tight)} at {show.hour(tight.begins, zone)}
          {tight.by && `, ${tight.by}`}:{' '}
          {tight.spareSeconds < 60
            ? 'hardly a minute to spare.'
            : `${show.text(show.span(tight.spareSeconds))} to spare.`}
        </Text>
      )}
    </Column>
  );
}

/** Works that vary most: what could be late. */
const couldBeLate = (bench: BenchView): Work[] =>
  bench.work
    .filter((w) => w.task.kind !== 'SERVE' && w.task.kind !== 'PLATE')
    .toSorted((a, b) => b.bufferSeconds - a.bufferSeconds)
    .slice(0, 12);

function IfLate({ bench, zone }: { bench: BenchView; zone: string }) {
  const works = couldBeLate(bench);
  const [chosen, setChosen] = useState<string>();
  const [minutes, setMinutes] = useState('10');
  const key = works.some((w) => w.task.key === chosen) ? chosen : works[0]?.task.key;
  const { data: late, error } = useLate(bench.mealId, key, Number(minutes));
  return (
    <Column gap={0.5}>
      <Text variant="h2">If it takes longer</Text>
      <LateFields>
        <Pick
          label="Work"
          value={key ?? ''}
          options={works.map((w) => [w.task.key, named(w)] as const)}
          onPick={setChosen}
        />
        <Pick
          label="Longer by"
          value={minutes}
          options={LATE.map((m) => [String(m), `${m} min`] as const)}
          onPick={setMinutes}
        />
      </LateFields>
      <div aria-live="polite">
        {late ? (
          <LateTold late={late} zone={zone} />
        ) : (
          <Text tone="muted">{error ? 'Nobody could say.' : 'reckoning …'}</Text>
        )}
      </div>
    </Column>
  );
}

function LateTold({ late, zone }: { late: BenchLateView; zone: string }) {
  const { verdict, lateMinutes } = late.bench;
  const rest = late.moved.length - MOST_MOVES;
  return (
    <>
      <Text tone={verdict === 'FITS' || verdict === 'TIGHT' ? 'good' : 'alarm'} strong>
        {(verdict === 'FITS' || verdict === 'TIGHT') && 'Every hour holds.'}
        {verdict === 'LATE' && `Plates are ${lateMinutes} min late.`}
        {verdict === 'WAITS' && 'It only holds if something waits too long.'}
        {(verdict === 'IMPOSSIBLE' || verdict === 'UNKNOWN') && 'No schedule is left.'}
      </Text>
      <Text tone="muted" size="note" long>
        {late.moved
          .slice(0, MOST_MOVES)
          .map((m) => `${m.name}, ${m.what}: ${show.hour(m.was, zone)} → ${show.hour(m.now, zone)}`)
          .join('; ')}
        {rest > 0 && `; ${rest} more`}
        {late.moved.length === 0 && 'Nothing else moves.'}{' '}
        {late.holdsSeconds >= 60 &&
          `In this order it may be ${show.text(show.span(late.holdsSeconds))} later.`}
      </Text>
    </>
  );
}

function TakeOuts({ bench }: { bench: BenchView }) {
  return (
    <Column gap={0.5}>
      <Text variant="h2">Take out before serving</Text>
      <Text tone="muted" long>
        {bench.takeOuts.length === 0
          ? 'No formula of it names anything.'
          : bench.takeOuts.map((t) => `${t.what} (${t.dish})`).join(', ')}
      </Text>
    </Column>
  );
}
