import type { BatchView, StageView, StepView, TaskView } from '../../api/client';
import { matters } from '../../api/tasks';
import { said, show, type Units } from '../../quantities';

/** What there is still to do at a pot, in the order in which it comes. */
export function toDo(batch: BatchView, now: number) {
  const live = batch.status === 'SIMMERING';
  const simmering = Date.parse(batch.forecast.simmerStartedAt) <= now;
  // Once the pot was read, the readings say more than a late tick would.
  const ticked = batch.simmerConfirmed;
  const { stages } = batch.planned;
  const phase = phaseNow(batch, now);
  const steps = batch.forecast.steps.filter((s) => !s.done && s.kind !== 'HEAT_OFF');
  return {
    live,
    before: stages.filter(
      (s, i) =>
        (s.role === 'PREPARE' && !simmering && isOpen(batch, i)) ||
        (s.role === 'REDUCE' && (s.phase ?? 0) === 0 && (!ticked || !simmering)),
    ),
    // The cue of the simmer stays in sight while it lasts.
    simmer: live && simmering && ticked ? stages.find((s) => s.phase === phase) : undefined,
    simmerOver: batch.forecast.steps.find((s) => s.key === `phase-${phase + 1}`)?.at,
    steps: live && simmering ? steps : [],
    after: stages.filter((s) => s.role === 'FINISH'),
    finishAt: batch.end?.endedAt ?? batch.forecast.thickAt,
  };
}

/** Whether nobody has said that a stage before the simmer is over. */
const isOpen = (batch: BatchView, place: number): boolean =>
  batch.status !== 'SIMMERING' || batch.tasks.some((t) => t.key === `${batch.id}/stage-${place}`);

/** The phase of the simmer that runs: the last that was begun, or should have. */
export const phaseNow = ({ forecast }: BatchView, now: number): number =>
  forecast.steps
    .filter((s) => s.kind === 'PHASE' && (s.done || Date.parse(s.at) <= now))
    .reduce((last, s) => Math.max(last, phaseOf(s)), 0);

const phaseOf = (step: StepView): number => Number(step.key.split('-')[1]);

/** Heat and lid as they are now: as told, or as the stage says that runs. */
export function heatNow(
  { forecast, pot }: BatchView,
  now: number,
): Pick<BatchView['pot'], 'heating' | 'lid'> {
  const heat = forecast.heats.findLast((h) => Date.parse(h.at) <= now);
  if (!heat) return pot;
  const { way, fan, lid, burnerShare, ovenCelsius } = heat;
  return {
    lid,
    heating: {
      way,
      fan,
      ...(burnerShare === undefined ? {} : { burnerShare }),
      ...(ovenCelsius === undefined ? {} : { ovenCelsius }),
    },
  };
}

/** The stage that a step begins, where it begins one. */
export const stageOf = (step: StepView, stages: StageView[]): StageView | undefined =>
  step.kind === 'PHASE' ? stages.find((s) => s.phase === phaseOf(step)) : undefined;

/** Under way: begun, and the next stage is not. */
export const isOn = (task: TaskView | undefined, now: number): boolean =>
  task !== undefined && Date.parse(task.at) <= now && matters(task, now);

export const cues = (stage: Pick<StageView, 'readyCue' | 'tooFarCue'>): string =>
  [stage.readyCue && `ready: ${stage.readyCue}`, stage.tooFarCue && `too far: ${stage.tooFarCue}`]
    .filter(Boolean)
    .join(' · ');

/** All that is to be known to do it, for somebody who was not there. */
export function toDoWords(one: BatchView['toDo'][number], units: Units): string {
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return [
    one.massKilograms === undefined
      ? one.what
      : `add ${mass(one.massKilograms)} ${one.what.toLowerCase()}`,
    said(one.detail),
    one.lines.map((l) => `${mass(l.massKilograms)} ${l.name.toLowerCase()}`).join(', '),
    one.caution && `mind: ${one.caution}`,
    one.takeOuts.length > 0 && `take out: ${one.takeOuts.join(', ')}`,
    one.ready && `ready: ${one.ready}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

export const stepWords = (step: StepView, units: Units): string =>
  step.kind === 'ADD'
    ? `Add ${show.text(show.mass(step.kilograms, units))} ${step.what.toLowerCase()}`
    : step.what;

/** So sure are readings that they decide. */
const TOLD = 0.9;

/** What was due and nobody said, in words; empty where nothing is in doubt. */
export function doubtWords({ doneFraction, kind }: StepView): string {
  if (doneFraction === undefined) return '';
  const done = kind === 'ADD' || kind === 'BACK' ? 'in' : kind === 'OUT' ? 'out' : 'begun';
  if (doneFraction >= TOLD) return `nobody said so; by the readings it is ${done}`;
  if (doneFraction <= 1 - TOLD) return `nobody said so; by the readings it is not ${done} yet`;
  return `${done} or not? Nobody said so: the band holds both`;
}
