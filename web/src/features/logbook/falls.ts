import type { BatchView } from '../../api/client';
import type { Fall } from '../../ui/FallsOver';

const MINUTE_MS = 60_000;

/** A batch as it fell, from the simmer on, as shares of what was in the pot then. */
export function fallOf(batch: BatchView, name: string): Fall {
  const zero = new Date(batch.forecast.simmerStartedAt).getTime();
  const end = batch.end ? new Date(batch.end.endedAt).getTime() : Infinity;
  const curve = batch.forecast.likely.filter((c) => new Date(c.at).getTime() <= end);
  const start = curve[0]?.massKilograms ?? 1;
  const minute = (at: string) => (new Date(at).getTime() - zero) / MINUTE_MS;
  return {
    id: batch.id,
    name,
    points: curve
      .map((c) => ({ minute: minute(c.at), share: c.massKilograms / start }))
      .filter((c) => c.minute >= 0),
    reads: batch.forecast.reads
      .filter((r) => r.ofMass)
      .map((r) => ({ minute: minute(r.at), share: r.kilograms / start })),
  };
}
