import type { BatchView, StageNote } from '../../api/client';
import { photoOf } from '../../api/stageNotes';
import { show } from '../../quantities';
import type { Look } from '../../ui/Looks';
import { phaseNow } from './steps';

const MOST_BESIDE = 4;

const lookOf = (note: StageNote, zone: string, stage = ''): Look => ({
  id: note.id,
  photo: note.photo ? photoOf(note) : undefined,
  words: note.note,
  when: show.day(note.notedAt, zone),
  stage,
});

/** What stands beside the cue of a stage: how it looked in earlier batches, the latest first. */
export const besideCue = (earlier: StageNote[], stage: string, zone: string): Look[] =>
  earlier
    .filter((n) => n.stage === stage)
    .slice(0, MOST_BESIDE)
    .map((n) => lookOf(n, zone));

/** What was noted of this batch. */
export const ownLooks = (own: StageNote[], zone: string): Look[] =>
  own.map((n) => lookOf(n, zone, n.stage));

/** The stage that is being cooked: the simmer once it began, else the one whose time it is. */
export function stageNow(batch: BatchView, now: number): string {
  const { stages } = batch.planned;
  const simmer =
    stages.find((s) => s.phase === phaseNow(batch, now)) ?? stages.find((s) => s.role === 'REDUCE');
  if (batch.end) return stages.at(-1)?.title ?? '';
  if (simmer && new Date(batch.forecast.simmerStartedAt).getTime() <= now) return simmer.title;
  let at = new Date(batch.startedAt).getTime();
  for (const stage of stages) {
    at += (stage.seconds * 1000) / batch.timeScale;
    if (now < at) return stage.title;
  }
  return simmer?.title ?? '';
}
