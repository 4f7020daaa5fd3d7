import type { BenchView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { BareList } from '../../../ui/layout';
import { taskWords } from '../../../ui/tasks';
import { Text } from '../../../ui/text';
import { RunRow } from './bench.styles';

interface Props {
  bench: BenchView;
  cook: string;
  units: Units;
  zone: string;
  now: number;
}

/** One cook's work in order, readable from a step away: what, when, how much, on what. */
export function RunSheet({ bench, cook, units, zone, now }: Props) {
  const works = bench.work.filter((w) => w.by === cook);
  const next = works.find((w) => Date.parse(w.handsUntil) > now);
  if (works.length === 0) return <Text>Nothing for {cook}.</Text>;
  return (
    <BareList aria-label={`Run sheet of ${cook}`}>
      {works.map((w) => (
        <RunRow key={w.task.key} aria-current={w === next ? 'step' : undefined}>
          <Text size="step" strong tone={w === next ? 'alarm' : 'ink'}>
            {show.hour(w.begins, zone)}
          </Text>
          <div>
            <Text size="step" strong={w === next} long>
              {taskWords(w.task, units)}
            </Text>
            <Text tone="muted" size="note" long>
              {w.task.name}
              {placesOf(bench, w).map((p) => ` · ${p}`)}
            </Text>
          </div>
          <Text tone="muted">
            {lasting(w.begins, w.handsUntil)}
            {w.ends !== w.handsUntil && `, by itself until ${show.hour(w.ends, zone)}`}
          </Text>
        </RunRow>
      ))}
    </BareList>
  );
}

const lasting = (from: string, to: string): string =>
  show.text(show.span((Date.parse(to) - Date.parse(from)) / 1000));

/** Pots and lanes of a work. */
export function placesOf(bench: BenchView, w: BenchView['work'][number]): string[] {
  const pots = w.task.needs.filter((n) => n.holds === 'VESSEL').map((n) => n.name);
  const lanes = w.holds.flatMap((h) => bench.lanes.filter((l) => l.id === h.laneId));
  return [...new Set([...pots, ...lanes.map((l) => l.name)])];
}
