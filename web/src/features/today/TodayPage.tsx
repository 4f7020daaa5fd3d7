import { Link } from 'react-router';
import { useBatches } from '../../api/batches';
import { useNow } from '../../api/clock';
import { useKeepings } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useLots } from '../../api/lots';
import { attention, useTasks } from '../../api/tasks';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Bones, Pending } from '../../ui/Pending';
import { Text } from '../../ui/text';
import { Glance } from './Glance';
import { Need } from './Need';
import { needing } from './needing';
import { NeedList, TodayGrid } from './today.styles';

/** One glance: what needs someone now, and what is next. */
export function TodayPage() {
  const { data: kitchen, error: noKitchen } = useKitchen();
  const batches = useBatches();
  const keepings = useKeepings();
  const lots = useLots();
  const tasks = useTasks();
  const now = useNow();
  const error = noKitchen ?? tasks.error ?? batches.error ?? keepings.error ?? lots.error;
  if (!kitchen) return <Pending title="Today" sub="what needs me now, and next" error={error} />;
  const { zone, units } = kitchen.settings;
  const needs = needing(tasks.data ?? [], now);
  const urgent = needs.filter((t) => attention(t, now) === 'ALARM').length;
  const sub =
    urgent === 0
      ? 'nothing is late'
      : `${urgent} ${urgent === 1 ? 'thing needs' : 'things need'} someone now`;
  return (
    <Page title={show.day(now, zone)} sub={tasks.data ? sub : ''}>
      {error && <Note tone="tomato">{error.message}</Note>}
      {!tasks.data && !error && <Bones />}
      {tasks.data && needs.length === 0 && (
        <Text>
          Nothing is on, held, cooling or due. <Link to="/plan">Plan a batch</Link>, or see{' '}
          <Link to="/formulas">what the shelf has</Link>.
        </Text>
      )}
      <TodayGrid>
        <NeedList as="ol" aria-label="What needs someone" aria-live="polite">
          {needs.map((t) => (
            <Need key={t.key} task={t} now={now} zone={zone} units={units} />
          ))}
        </NeedList>
        <Glance
          batches={batches.data ?? []}
          keepings={keepings.data ?? []}
          lots={lots.data ?? []}
          now={now}
        />
      </TodayGrid>
    </Page>
  );
}
