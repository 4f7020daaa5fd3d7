import type { TaskView } from '../../api/client';
import { attention, matters, type Attention } from '../../api/tasks';

const RANK: Record<Attention, number> = { ALARM: 0, WAIT: 1, NEXT: 2 };
const at = (task: TaskView) => new Date(task.at).getTime();

/** Of each thing all that cannot wait, or else its next task; what cannot wait first, then by the clock. */
export function needing(tasks: TaskView[], now: number): TaskView[] {
  const open = tasks
    .filter((t) => matters(t, now))
    .toSorted((a, b) => RANK[attention(a, now)] - RANK[attention(b, now)] || at(a) - at(b));
  const seen = new Set<string>();
  return open.filter((t) => {
    const first = !seen.has(t.subjectId);
    seen.add(t.subjectId);
    return first || attention(t, now) === 'ALARM';
  });
}
