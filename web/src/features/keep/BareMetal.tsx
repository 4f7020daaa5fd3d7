import type { VesselView } from '../../api/client';
import { Note } from '../../ui/Note';

/** An acid sauce takes up metal from bare copper, aluminium or iron when it stays. */
export function BareMetal({ vessel }: { vessel: VesselView | undefined }) {
  return vessel?.attackedByAcid ? (
    <Note>
      {vessel.name} is bare metal inside: a tomato sauce takes it up when it stays long. Keep it in
      steel, enamel, glass or plastic.
    </Note>
  ) : null;
}
