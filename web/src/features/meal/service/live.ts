import type { ServiceView } from '../../../api/client';
import type { Happened, Work } from '../bench/lanes';

export type Live = ServiceView['works'][number];

const ms = (instant: string): number => Date.parse(instant);
/** So long nobody has forgotten to tick. */
const GRACE_MS = 60_000;

/** How far each work is, by its key. */
export const liveOf = (service: ServiceView): Map<string, Live> =>
  new Map(service.works.map((w) => [w.key, w]));

/** What has happened, as it is drawn. */
export function happenedOf(service: ServiceView): Happened {
  return {
    states: new Map(service.works.map((w) => [w.key, w.state])),
    moved: new Map(service.moved.map((m) => [m.key, m.was])),
  };
}

/** What was planned to begin, or to be over, by now and is not ticked. */
export function unticked(service: ServiceView, now: number): Work[] {
  const live = liveOf(service);
  return service.bench.work.filter((w) => {
    const state = live.get(w.task.key)?.state;
    if (state === 'TO_COME') return ms(w.begins) + GRACE_MS < now;
    return state === 'GOING' && ms(w.ends) + GRACE_MS < now;
  });
}

/** What others have their hands in for the same dish at that time. */
export function besides(works: Work[], work: Work): Work[] {
  return works.filter(
    (other) =>
      other !== work &&
      other.by !== undefined &&
      other.by !== work.by &&
      other.task.name === work.task.name &&
      ms(other.begins) < ms(work.handsUntil) &&
      ms(work.begins) < ms(other.handsUntil),
  );
}

/** Minutes by which something was later than planned; negative where it was earlier. */
export function lateMinutes(planned: string | undefined, really: string | undefined) {
  return planned === undefined || really === undefined
    ? undefined
    : Math.round((ms(really) - ms(planned)) / 60_000);
}
