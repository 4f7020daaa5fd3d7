import type { BatchView, StageView, StepView, TaskView } from '../../api/client';
import { matters } from '../../api/tasks';
import { show, type Units } from '../../quantities';

/** What there is still to do at a pot, in the order in which it comes. */
export function toDo(batch: BatchView, now: number) {
  const live = batch.status === 'SIMMERING';
  const simmering = Date.parse(batch.forecast.simmerStartedAt) <= now;
  // Once the pot was read, the readings say more than a late tick would.
  const ticked = batch.simmerConfirmed;
  const { stages } = batch.planned;
  const steps = batch.forecast.steps.filter((s) => !s.done && s.kind !== 'HEAT_OFF');
  return {
    live,
    before: stages.filter(
      (s) => s.role !== 'FINISH' && (s.role === 'PREPARE' ? !simmering : !ticked || !simmering),
    ),
    // The cue of the simmer stays in sight while it lasts.
    simmer: live && simmering && ticked ? stages.find((s) => s.role === 'REDUCE') : undefined,
    steps: live && simmering ? steps : [],
    after: stages.filter((s) => s.role === 'FINISH'),
    finishAt: batch.end?.endedAt ?? batch.forecast.thickAt,
  };
}

/** Under way: begun, and the next stage is not. */
export const isOn = (task: TaskView | undefined, now: number): boolean =>
  task !== undefined && Date.parse(task.at) <= now && matters(task, now);

export const cues = (stage: Pick<StageView, 'readyCue' | 'tooFarCue'>): string =>
  `ready: ${stage.readyCue} · too far: ${stage.tooFarCue}`;

export const stepWords = (step: StepView, units: Units): string =>
  step.kind === 'ADD'
    ? `Add ${show.text(show.mass(step.kilograms, units))} ${step.what.toLowerCase()}`
    : step.what;
