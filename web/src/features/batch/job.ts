import type { BatchView } from '../../api/client';
import type { Job } from '../../ui/Journey';

/** What the journey carries along of a batch. */
export const jobOf = (batch: BatchView): Job => ({
  formulaId: batch.formulaId,
  schools: batch.schools,
  batchId: batch.id,
  isOver: batch.end !== undefined,
  isTasted: batch.events.some((e) => e.kind === 'TASTED' || e.kind === 'CUPS_TRIED'),
});
