import { useBrokenPots } from '../api/batches';
import { show } from '../quantities';
import { Note } from './Note';

/** Pots that cannot be shown: each is named and watched by hand, the others are shown. */
export function BrokenPots({ zone }: { zone: string }) {
  const { data = [] } = useBrokenPots();
  return (
    <>
      {data.map((p) => (
        <Note key={p.id} tone="tomato">
          <b>{p.name}</b>, lit {show.hour(p.startedAt, zone)}, cannot be shown: {p.fault} Watch it
          by hand; what was written of it is kept.
        </Note>
      ))}
    </>
  );
}
