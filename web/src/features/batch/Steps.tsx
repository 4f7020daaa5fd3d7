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
import { BareList } from '../../ui/layout';
import { loadsInWords } from '../../ui/loads';
import { Step } from './Step';
import { besideStep } from './batch.styles';
import { besideCue } from './looks';
import type { ReadingKind } from './readings';
import { cues, isOn, stepWords, toDo } from './steps';
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
  const { zone } = kitchen.settings;
  const { live, before, simmer, steps, after, finishAt } = toDo(batch, now);
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
            detail={said(step.detail)}
          >
            <StepButton step={step} batchId={batch.id} onRead={onRead} />
          </Step>
        ))}
        {simmer && (
          <Step
            hour={off}
            now={false}
            what={`${simmer.title}, done`}
            detail={cues(simmer)}
            looks={looks(simmer)}
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
      detail={[loadsInWords(stage, units), cues(stage)].filter(Boolean).join(' · ')}
      looks={looks}
    >
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

const ADVISED: Record<string, ReadingKind> = {
  'Plate test': 'PLATE',
  Dip: 'DIP',
  Weigh: 'WEIGHING',
};

interface ButtonProps {
  step: StepView;
  batchId: string;
  onRead: (kind: ReadingKind) => void;
}
/** What is pressed when a step is done, or to do it. */
function StepButton({ step, batchId, onRead }: ButtonProps) {
  const write = usePotWrites();
  const tick = () => write('/steps', { id: newId(), step: step.key }, batchId);
  const isIn = () => {
    const poured = { line: step.line, massKilograms: step.kilograms, enteredText: '' };
    return write('/pours', { id: newId(), ...poured }, batchId);
  };
  const of = { variant: 'outlined', sx: besideStep } as const;
  switch (step.kind) {
    case 'ADD':
      return (
        <ActButton {...of} aria-label={`${step.what} is in`} onAct={isIn}>
          It is in
        </ActButton>
      );
    case 'READ':
      return (
        <Button
          {...of}
          aria-label={`${step.what} now`}
          onClick={() => onRead(ADVISED[step.what] ?? 'DIP')}
        >
          Now
        </Button>
      );
    case 'STIR':
    case 'TASTE':
      return (
        <ActButton {...of} aria-label={`${step.what}: done`} onAct={tick}>
          {step.kind === 'STIR' ? 'Stirred' : 'Tasted'}
        </ActButton>
      );
    default:
      return null;
  }
}
