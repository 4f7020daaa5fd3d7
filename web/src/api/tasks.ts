import { useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import { client, type TaskView } from './client';
import { kitchenNow } from './clock';
import { answered } from './problem';

const REFRESH_MS = 15_000;
/** A list that changes by itself is asked for so long after the moment at which it does. */
const AFTER_MS = 500;

export type Attention = 'ALARM' | 'WAIT' | 'NEXT';

const ms = (instant: string): number => new Date(instant).getTime();

/** How loudly a task calls: by moments that the server set, so that it is known without it too. */
export function attention(task: TaskView, now: number): Attention {
  if (task.alarmFrom && ms(task.alarmFrom) <= now) return 'ALARM';
  return ms(task.waitFrom) <= now ? 'WAIT' : 'NEXT';
}

/** Whether it still matters. */
export const matters = (task: TaskView, now: number): boolean => !task.over || now < ms(task.over);

/** The next moment at which anything on a list calls louder, or is over. */
export function nextTurn(tasks: TaskView[], now: number): number | undefined {
  const turns = tasks
    .flatMap((t) => [t.waitFrom, t.alarmFrom, t.over].flatMap((at) => (at ? [ms(at)] : [])))
    .filter((at) => at > now);
  return turns.length === 0 ? undefined : Math.min(...turns);
}

/** All that waits for somebody, what cannot wait first. */
export function useTasks(enabled = true) {
  const polled = usePolling(REFRESH_MS);
  return useQuery({
    queryKey: ['tasks'],
    enabled,
    queryFn: () => answered(client.GET('/api/tasks')),
    refetchInterval: (query) => {
      const now = kitchenNow();
      const turn = nextTurn(query.state.data ?? [], now);
      return turn === undefined ? polled : Math.min(polled, turn - now + AFTER_MS);
    },
  });
}
