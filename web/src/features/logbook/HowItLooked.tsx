import { Link } from 'react-router';
import type { BatchView } from '../../api/client';
import { photoOf, useStageNotes } from '../../api/stageNotes';
import { show } from '../../quantities';
import { Looks } from '../../ui/Looks';
import { Text } from '../../ui/text';

/** Photos and notes of its stages; they are taken at the pot. */
export function HowItLooked({ batch, zone }: { batch: BatchView; zone: string }) {
  const { data: notes } = useStageNotes(batch.id);
  return (
    <section aria-label="How it looked">
      {notes && notes.own.length > 0 && <Text variant="h2">How it looked</Text>}
      <Looks
        large
        label="Noted of this batch"
        looks={(notes?.own ?? []).map((n) => ({
          id: n.id,
          photo: n.photo ? photoOf(n) : undefined,
          words: n.note,
          when: show.hour(n.notedAt, zone),
          stage: n.stage,
        }))}
      />
      <Text sx={{ mt: 1 }}>
        <Link to={`/pots/${batch.id}`}>Note how a stage looked</Link>
      </Text>
    </section>
  );
}
