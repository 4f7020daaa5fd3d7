import type { TaskView } from '../../api/client';
import { attention, type Attention } from '../../api/tasks';
import { show, type Units } from '../../quantities';
import { taskWords } from '../../ui/tasks';
import { Text, type Tone } from '../../ui/text';
import { NeedItem, NeedLink } from './today.styles';

const TONES: Record<Attention, Tone> = { ALARM: 'alarm', WAIT: 'warn', NEXT: 'muted' };
const PLACES: Record<TaskView['place'], { words: string; to: (id: string) => string }> = {
  POT: { words: 'on the stove', to: (id) => `/pots/${id}` },
  HELD_HOT: { words: 'held hot', to: () => '/keep' },
  COOLING: { words: 'cooling', to: () => '/keep' },
  SET_OUT: { words: 'left out, by time', to: () => '/keep' },
  TUBS: { words: 'in tubs', to: (id) => `/keep/lots/${id}` },
  PACK: { words: 'on the shelf', to: () => '/pantry' },
  PLAN: { words: 'to light', to: () => '/plan' },
  SERVICE: { words: 'at the service', to: (id) => `/services/${id}` },
};
const DAY_MS = 86_400_000;
/** Words longer than an hour are set smaller. */
const LONG = 6;

/** Now, soon, an hour, or a day. */
function when(task: TaskView, now: number, zone: string): string {
  const at = new Date(task.at).getTime();
  if (task.day !== undefined) {
    if (show.day(now, zone) === show.day(at, zone)) return 'today';
    if (show.day(now + DAY_MS, zone) === show.day(at, zone)) return 'tomorrow';
    return at < now ? 'now' : (show.day(at, zone).split(' ')[0] ?? '');
  }
  if (at <= now) return attention(task, now) === 'ALARM' ? 'now' : 'soon';
  return at - now > DAY_MS ? (show.day(at, zone).split(' ')[0] ?? '') : show.hour(at, zone);
}

interface Props {
  task: TaskView;
  now: number;
  zone: string;
  units: Units;
}

/** One thing that needs somebody; the whole line leads to it. */
export function Need({ task, now, zone, units }: Props) {
  const loud = attention(task, now);
  const { words, to } = PLACES[task.place];
  const hour = when(task, now, zone);
  return (
    <NeedItem>
      <NeedLink to={to(task.subjectId)}>
        <Text
          component="span"
          size={hour.length > LONG ? 'lead' : 'figure'}
          figures
          tone={TONES[loud]}
        >
          {hour}
        </Text>
        <span>
          <Text component="span" size="lead" bold long sx={{ display: 'block' }}>
            {task.name}
          </Text>
          <Text component="span" tone={loud === 'ALARM' ? 'alarm' : 'ink'}>
            {taskWords(task, units)}
          </Text>
        </span>
        <Text component="span" tone="muted" size="small" end>
          {words}
        </Text>
      </NeedLink>
    </NeedItem>
  );
}
