import { Box } from '@mui/material';
import { memo } from 'react';
import type { PlanPreview, StageView, TaskView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { loadsInWords } from '../../ui/loads';
import { ShowWorking } from '../../ui/ShowWorking';
import { taskWords } from '../../ui/tasks';
import { BareList, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { WorkRow } from './plan.styles';

interface Props {
  preview: PlanPreview;
  units: Units;
  zone: string;
  now: number;
}

/** A line of the list: a task, or all cutting on one board. */
interface Line {
  key: string;
  at: string;
  what: string;
  detail: string;
  seconds: number;
}

/** All of the work by the clock, from what is soaked to what is stirred in at the end. */
export const Work = memo(function Work({ preview: { plan, tasks }, units, zone, now }: Props) {
  const working = plan.workings.find((w) => w.figure === 'preparation');
  const hands = tasks.reduce((sum, t) => sum + t.hands.likelySeconds, 0);
  const lines = [
    ...tasks.filter((t) => t.kind === 'BEGIN_EARLY').map((t) => line(t, plan.stages, units)),
    ...prepared(tasks, units),
    ...tasks
      .filter((t) => t.kind !== 'BEGIN_EARLY' && t.kind !== 'PREP')
      .map((t) => line(t, plan.stages, units)),
  ];
  const begins = lines.map((l) => l.at).toSorted()[0];
  const late = plan.hours && begins && now - new Date(begins).getTime() > A_MINUTE_MS;
  return (
    <Box component="section" aria-label="The work">
      <Row gap={0} align="baseline" between>
        <Text variant="h2">The work, {show.text(show.span(hands))} of hands</Text>
        {working && <ShowWorking working={working} title="Before the simmer" words="how long" />}
      </Row>
      {late && (
        <Text tone="alarm" size="note">
          It should have begun at {show.hour(begins, zone)}: what is not ready yet makes it later.
        </Text>
      )}
      <BareList as="ol">
        {lines.map((l) => (
          <WorkRow key={l.key}>
            <Text figures whole>
              {plan.hours ? show.hour(l.at, zone) : ''}
            </Text>
            <Text long>
              {l.what}{' '}
              <Text component="span" tone="muted" size="note">
                {l.detail}
              </Text>
            </Text>
            <Text figures end whole>
              {l.seconds >= SHOWN_FROM ? show.text(show.span(l.seconds)) : ''}
            </Text>
          </WorkRow>
        ))}
      </BareList>
    </Box>
  );
});

/** Whatever takes a minute or so is a moment. */
const SHOWN_FROM = 90;
const A_MINUTE_MS = 60_000;
const lasts = (t: TaskView): number => t.hands.likelySeconds + t.unattended.likelySeconds;

function line(task: TaskView, stages: StageView[], units: Units): Line {
  const place = /stage-(\d+)$/.exec(task.key)?.[1];
  const stage = place === undefined ? undefined : stages[Number(place)];
  const loads = stage ? loadsInWords(stage, units) : '';
  const held =
    task.kind === 'LIGHT'
      ? task.needs
          .map((n) => n.name)
          .filter(Boolean)
          .join(' on ')
      : '';
  return {
    key: task.key,
    at: task.at,
    what: taskWords(task, units),
    detail: loads || held,
    seconds: lasts(task),
  };
}

/** What is done on one board or in one bowl stands together. */
function prepared(tasks: TaskView[], units: Units): Line[] {
  const tools = new Map<string, TaskView[]>();
  for (const task of tasks.filter((t) => t.kind === 'PREP')) {
    const tool = task.needs[0]?.name ?? '';
    tools.set(tool, [...(tools.get(tool) ?? []), task]);
  }
  return [...tools].map(([tool, on]) => ({
    key: `tool ${tool}`,
    at: on[0]?.at ?? '',
    what: tool,
    detail: on.map((t) => taskWords(t, units)).join('; '),
    seconds: on.reduce((sum, t) => sum + lasts(t), 0),
  }));
}
