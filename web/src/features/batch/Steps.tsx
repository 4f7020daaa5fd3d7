import { Box, Button, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import {
  newId,
  type BatchView,
  type KitchenView,
  type StageNote,
  type StageView,
  type StepView,
  type TaskView,
} from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { matters } from '../../api/tasks';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { loadsInWords } from '../../ui/loads';
import { Looks, type Look } from '../../ui/Looks';
import { ShowWorking } from '../../ui/ShowWorking';
import { besideCue } from './looks';
import type { ReadingKind } from './readings';

// Beside the words where there is room, below them on a phone.
const besides = {
  minHeight: sizes.target,
  gridColumn: { xs: 2, sm: 'auto' },
  justifySelf: { xs: 'start', sm: 'end' },
};

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  now: number;
  earlier: StageNote[];
  onRead: (kind: ReadingKind) => void;
  onFinish: () => void;
}

/** What is next at this pot: stages before the simmer, then what the pot itself asks for. */
export function Steps({ batch, kitchen, now, earlier, onRead, onFinish }: Props) {
  const { send } = useOutbox();
  const { zone, units } = kitchen.settings;
  const live = batch.status === 'SIMMERING';
  const simmerAt = batch.forecast.simmerStartedAt;
  const simmering = new Date(simmerAt).getTime() <= now;
  // Once the pot was read, the readings say more than a late tick would.
  const ticked = batch.simmerConfirmed;
  const stages = batch.planned.stages.filter((s) =>
    s.role === 'PREPARE' ? !simmering : s.role === 'FINISH' || !ticked || !simmering,
  );
  const finishAt = batch.end?.endedAt ?? batch.forecast.thickAt;
  const working = batch.forecast.workings.find((w) => w.figure === 'steps');
  const tick = (step: StepView) => void send('/steps', { id: newId(), step: step.key }, batch.id);
  const before = stages.filter((s) => s.role !== 'FINISH');
  // The server says when; the simmer is a task of its own, since it is ticked.
  const task = (stage: StageView) =>
    batch.tasks.find(
      (t) =>
        t.key ===
        (stage.role === 'REDUCE'
          ? `${batch.id}/simmer`
          : `${batch.id}/stage-${batch.planned.stages.indexOf(stage)}`),
    );
  const looks = (stage: StageView) => besideCue(earlier, stage.title, zone);
  // The cue of the simmer stays in sight while it lasts.
  const simmer =
    live && simmering && ticked ? batch.planned.stages.find((s) => s.role === 'REDUCE') : undefined;
  const steps =
    live && simmering ? batch.forecast.steps.filter((s) => !s.done && s.kind !== 'HEAT_OFF') : [];
  return (
    <Box component="section" aria-label="What is next">
      {working && steps.length > 0 && (
        <Box sx={{ textAlign: 'right' }}>
          <ShowWorking working={working} title="What is next" words="how the steps are timed" />
        </Box>
      )}
      <Box component="ol" aria-label="Steps" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {before.map((stage) => (
          <Row
            key={stage.title}
            hour={show.hour(task(stage)?.at ?? simmerAt, zone)}
            now={live && isOn(task(stage), now)}
            what={stage.title}
            detail={[loadsInWords(stage, units), cues(stage)].filter(Boolean).join(' · ')}
            looks={looks(stage)}
          >
            {live && stage.role === 'REDUCE' && !ticked && (
              <Button
                variant="outlined"
                sx={besides}
                onClick={() => void send('/simmer-starts', { id: newId() }, batch.id)}
              >
                Tomatoes in now
              </Button>
            )}
          </Row>
        ))}
        {steps.map((step) => (
          <Row
            key={step.key}
            hour={show.hour(step.at, zone)}
            now={new Date(step.at).getTime() <= now}
            what={words(step, kitchen)}
            detail={step.detail}
          >
            {step.kind === 'ADD' && (
              <Button
                variant="outlined"
                sx={besides}
                aria-label={`${step.what} is in`}
                onClick={() =>
                  void send(
                    '/pours',
                    {
                      id: newId(),
                      line: step.line,
                      massKilograms: step.kilograms,
                      enteredText: '',
                    },
                    batch.id,
                  )
                }
              >
                It is in
              </Button>
            )}
            {step.kind === 'READ' && (
              <Button
                variant="outlined"
                sx={besides}
                aria-label={`${step.what} now`}
                onClick={() => onRead(ADVISED[step.what] ?? 'DIP')}
              >
                Now
              </Button>
            )}
            {(step.kind === 'STIR' || step.kind === 'TASTE') && (
              <Button
                variant="outlined"
                sx={besides}
                aria-label={`${step.what}: done`}
                onClick={() => tick(step)}
              >
                {step.kind === 'STIR' ? 'Stirred' : 'Tasted'}
              </Button>
            )}
          </Row>
        ))}
        {simmer && (
          <Row
            hour={finishAt ? show.hour(finishAt, zone) : '–'}
            now={false}
            what={`${simmer.title}, done`}
            detail={cues(simmer)}
            looks={looks(simmer)}
          />
        )}
        {stages
          .filter((s) => s.role === 'FINISH')
          .map((stage) => (
            <Row
              key={stage.title}
              hour={finishAt ? show.hour(finishAt, zone) : '–'}
              now={false}
              what={stage.title}
              detail={cues(stage)}
              looks={looks(stage)}
            >
              {live && (
                <Button variant="outlined" sx={besides} onClick={onFinish}>
                  Done
                </Button>
              )}
            </Row>
          ))}
      </Box>
    </Box>
  );
}

/** Under way: begun, and the next stage is not. */
const isOn = (task: TaskView | undefined, now: number): boolean =>
  task !== undefined && new Date(task.at).getTime() <= now && matters(task, now);

const ADVISED: Record<string, ReadingKind> = {
  'Plate test': 'PLATE',
  Dip: 'DIP',
  Weigh: 'WEIGHING',
};
const cues = (stage: { readyCue: string; tooFarCue: string }) =>
  `ready: ${stage.readyCue} · too far: ${stage.tooFarCue}`;

function words(step: StepView, kitchen: KitchenView): string {
  return step.kind === 'ADD'
    ? `Add ${show.text(show.mass(step.kilograms, kitchen.settings.units))} ${step.what.toLowerCase()}`
    : step.what;
}

function Row({
  hour,
  now,
  what,
  detail,
  looks = [],
  children,
}: {
  hour: string;
  now: boolean;
  what: string;
  detail: string;
  looks?: Look[];
  children?: ReactNode;
}) {
  // Beside the cue, or below it where there is something to press.
  const before = looks.length > 0 && (
    <Looks looks={looks} label={`${what}: how it looked before`} />
  );
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.step,
        columnGap: 2,
        rowGap: 1,
        alignItems: 'center',
        py: 0.75,
        borderBottom: 1,
        borderColor: 'divider',
        bgcolor: now ? 'kitchen.tomatoSoft' : 'transparent',
        px: now ? 1.5 : 0,
        mx: now ? -1.5 : 0,
        borderRadius: now ? 1 : 0,
      }}
    >
      <Typography
        sx={{
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: sizes.step,
          color: now ? 'error.main' : 'text.primary',
        }}
      >
        {now ? 'now' : hour}
      </Typography>
      <Box sx={{ minWidth: 0 }}>
        <Typography sx={{ fontWeight: 650, fontSize: sizes.lead, overflowWrap: 'anywhere' }}>
          {what}
        </Typography>
        <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>{detail}</Typography>
        {children ? before : null}
      </Box>
      {children || (before && <Box sx={besides}>{before}</Box>)}
    </Box>
  );
}
