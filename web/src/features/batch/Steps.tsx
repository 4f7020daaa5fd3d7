import { Box, Button } from '@mui/material';
import {
  newId,
  type BatchView,
  type KitchenView,
  type StageNote,
  type StageView,
  type StepView,
} from '../../api/client';
import { said, show } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { ShowWorking } from '../../ui/ShowWorking';
import { BareList, Row } from '../../ui/layout';
import { loadsInWords } from '../../ui/loads';
import { ComeOver } from './ComeOver';
import { Step } from './Step';
import { StepButton } from './StepButton';
import { besideStep } from './batch.styles';
import { besideCue } from './looks';
import type { ReadingKind } from './readings';
import { StageWords } from './StageWords';
import { cues, doubtWords, isOn, stageOf, stepWords, toDo } from './steps';
import { usePotWrites } from '../../ui/useWrites';

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
  const { zone, units } = kitchen.settings;
  const { live, before, simmer, simmerOver, steps, after, finishAt } = toDo(batch, now);
  const working = batch.forecast.workings.find((w) => w.figure === 'steps');
  const looks = (stage: StageView) => besideCue(earlier, stage.title, zone);
  const off = finishAt ? show.hour(finishAt, zone) : '–';
  return (
    <Box component="section" aria-label="What is next">
      {working && steps.length > 0 && (
        <Box sx={{ textAlign: 'right' }}>
          <ShowWorking working={working} title="What is next" words="how the steps are timed" />
        </Box>
      )}
      <BareList aria-label="Steps" as="ol">
        {before.map((stage) => (
          <StageStep
            key={stage.title}
            stage={stage}
            batch={batch}
            kitchen={kitchen}
            now={now}
            looks={looks(stage)}
          />
        ))}
        {steps.map((step) => (
          <Step
            key={step.key}
            hour={show.hour(step.at, zone)}
            now={Date.parse(step.at) <= now}
            what={stepWords(step, kitchen.settings.units)}
            {...begun(step, batch, kitchen)}
          >
            <StepButton step={step} batchId={batch.id} units={units} zone={zone} onRead={onRead} />
          </Step>
        ))}
        {simmer && (
          <Step
            hour={simmerOver ? show.hour(simmerOver, zone) : off}
            now={false}
            what={`${simmer.title}, done`}
            detail={cues(simmer)}
            looks={looks(simmer)}
            words={<StageWords stage={simmer} batch={batch} units={units} />}
          />
        )}
        {after.map((stage) => (
          <Step
            key={stage.title}
            hour={off}
            now={false}
            what={stage.title}
            detail={cues(stage)}
            looks={looks(stage)}
            words={<StageWords stage={stage} batch={batch} units={units} />}
          >
            {live && (
              <Button variant="outlined" sx={besideStep} onClick={onFinish}>
                Done
              </Button>
            )}
          </Step>
        ))}
      </BareList>
    </Box>
  );
}

interface StageProps {
  stage: StageView;
  batch: BatchView;
  kitchen: KitchenView;
  now: number;
  looks: ReturnType<typeof besideCue>;
}
/** A stage before or of the simmer; the server says when, the simmer is ticked. */
function StageStep({ stage, batch, kitchen, now, looks }: StageProps) {
  const write = usePotWrites();
  const { zone, units } = kitchen.settings;
  const live = batch.status === 'SIMMERING';
  const reduces = stage.role === 'REDUCE';
  const key = reduces ? 'simmer' : `stage-${batch.planned.stages.indexOf(stage)}`;
  const task = batch.tasks.find((t) => t.key === `${batch.id}/${key}`);
  return (
    <Step
      hour={show.hour(task?.at ?? batch.forecast.simmerStartedAt, zone)}
      now={live && isOn(task, now)}
      what={stage.title}
      detail={[said(stage.how), loadsInWords(stage, units), cues(stage)]
        .filter(Boolean)
        .join(' · ')}
      looks={looks}
      words={<StageWords stage={stage} batch={batch} units={units} />}
    >
      {live && !reduces && (
        <Row sx={besideStep}>
          {stage.beside && <ComeOver stage={stage} batch={batch} kitchen={kitchen} />}
          {task && (
            <ActButton
              variant="outlined"
              aria-label={`${stage.title}: done`}
              onAct={() => write('/steps', { id: newId(), step: key }, batch.id)}
            >
              Done
            </ActButton>
          )}
        </Row>
      )}
      {live && reduces && !batch.simmerConfirmed && (
        <ActButton
          variant="outlined"
          sx={besideStep}
          onAct={() => write('/simmer-starts', { id: newId() }, batch.id)}
        >
          Tomatoes in now
        </ActButton>
      )}
    </Step>
  );
}

/** What a step says: of one that begins a stage, that stage's cues and cautions too. */
function begun(step: StepView, batch: BatchView, { settings }: KitchenView) {
  const stage = stageOf(step, batch.planned.stages);
  const detail = [said(step.detail), doubtWords(step)].filter(Boolean).join(' · ');
  return stage
    ? {
        detail: [detail, cues(stage)].filter(Boolean).join(' · '),
        words: <StageWords stage={stage} batch={batch} units={settings.units} />,
      }
    : { detail };
}
