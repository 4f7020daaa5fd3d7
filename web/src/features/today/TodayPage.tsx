import { useNow } from '../../api/clock';
import { Box, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useBatches } from '../../api/batches';
import { useKeepings } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useLots } from '../../api/lots';
import type { TaskView } from '../../api/client';
import { attention, useTasks, type Attention } from '../../api/tasks';
import { show, type Units } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Tub } from '../../ui/Tub';
import { taskWords } from '../../ui/tasks';
import { Urn } from '../../ui/Urn';
import { needing } from './needing';

const TONES: Record<Attention, string> = {
  ALARM: 'error.main',
  WAIT: 'warning.main',
  NEXT: 'text.secondary',
};
const PLACES: Record<TaskView['place'], { words: string; to: (id: string) => string }> = {
  POT: { words: 'on the stove', to: (id) => `/pots/${id}` },
  HELD_HOT: { words: 'held hot', to: () => '/keep' },
  COOLING: { words: 'cooling', to: () => '/keep' },
  SET_OUT: { words: 'set out', to: () => '/keep' },
  TUBS: { words: 'in tubs', to: (id) => `/keep/lots/${id}` },
  PACK: { words: 'on the shelf', to: () => '/pantry' },
  PLAN: { words: 'to light', to: () => '/plan' },
};
const DAY_MS = 86_400_000;
/** Words longer than an hour are set smaller. */
const LONG = 6;

/** One glance: what needs someone now, and what is next. */
export function TodayPage() {
  const { data: kitchen } = useKitchen();
  const batches = useBatches();
  const keepings = useKeepings();
  const lots = useLots();
  const tasks = useTasks();
  const now = useNow();
  const error = tasks.error ?? batches.error ?? keepings.error ?? lots.error;
  if (!kitchen)
    return (
      <Page title="Today" sub="what needs me now, and next">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  const { zone, units } = kitchen.settings;
  const needs = needing(tasks.data ?? [], now);
  const urgent = needs.filter((t) => attention(t, now) === 'ALARM').length;
  return (
    <Page
      title={show.day(now, zone)}
      sub={
        urgent === 0
          ? 'nothing is late'
          : `${urgent} ${urgent === 1 ? 'thing needs' : 'things need'} someone now`
      }
    >
      {error && <Note tone="tomato">{error.message}</Note>}
      {tasks.data && needs.length === 0 && (
        <Typography>
          Nothing is on, held, cooling or due. <Link to="/plan">Plan a batch</Link>, or see{' '}
          <Link to="/formulas">what the shelf has</Link>.
        </Typography>
      )}
      <Box
        sx={{ display: 'grid', gridTemplateColumns: columns.keep, gap: 3.5, alignItems: 'start' }}
      >
        <Box
          component="ol"
          aria-label="What needs someone"
          sx={{ listStyle: 'none', p: 0, m: 0, borderTop: 1, borderColor: 'divider', minWidth: 0 }}
        >
          {needs.map((t) => (
            <Row key={t.key} task={t} now={now} zone={zone} units={units} />
          ))}
        </Box>
        <Glance
          batches={batches.data ?? []}
          keepings={keepings.data ?? []}
          lots={lots.data ?? []}
        />
      </Box>
    </Page>
  );
}

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

function Row({
  task,
  now,
  zone,
  units,
}: {
  task: TaskView;
  now: number;
  zone: string;
  units: Units;
}) {
  const loud = attention(task, now);
  const { words, to } = PLACES[task.place];
  const hour = when(task, now, zone);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.need,
        columnGap: 2,
        alignItems: 'center',
        borderBottom: 1,
        borderColor: 'divider',
        minHeight: sizes.target,
        py: 0.75,
      }}
    >
      <Typography
        sx={{
          fontFamily: faces.figures,
          fontWeight: 800,
          fontSize: hour.length > LONG ? sizes.lead : sizes.figure,
          color: TONES[loud],
        }}
      >
        {hour}
      </Typography>
      <Box sx={{ minWidth: 0 }}>
        <Typography
          component={Link}
          to={to(task.subjectId)}
          sx={{
            fontWeight: 700,
            color: 'text.primary',
            textDecoration: 'none',
            fontSize: sizes.lead,
            overflowWrap: 'anywhere',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {task.name}
        </Typography>
        <Typography sx={{ color: loud === 'ALARM' ? 'error.main' : 'text.primary' }}>
          {taskWords(task, units)}
        </Typography>
      </Box>
      <Typography
        sx={{
          color: 'text.secondary',
          fontSize: sizes.small,
          textAlign: 'right',
          display: { xs: 'none', sm: 'block' },
        }}
      >
        {words}
      </Typography>
    </Box>
  );
}

interface GlanceProps {
  batches: NonNullable<ReturnType<typeof useBatches>['data']>;
  keepings: NonNullable<ReturnType<typeof useKeepings>['data']>;
  lots: NonNullable<ReturnType<typeof useLots>['data']>;
}

/** How much of everything there is, and the last tubs of a kind. */
function Glance({ batches, keepings, lots }: GlanceProps) {
  const tubs = lots.reduce((sum, l) => sum + l.tubs, 0);
  const kinds = new Map<string, { name: string; tubs: number }>();
  for (const l of lots)
    kinds.set(l.formulaId, { name: l.name, tubs: (kinds.get(l.formulaId)?.tubs ?? 0) + l.tubs });
  const last = [...kinds.values()].filter((k) => k.tubs <= 2);
  return (
    <Box
      component="section"
      aria-label="At a glance"
      sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minWidth: 0 }}
    >
      <Box component={Link} to="/pots" sx={{ color: 'text.primary', textDecoration: 'none' }}>
        <Typography sx={{ fontWeight: 700 }}>{batches.length} on the stove</Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' }}>
          {batches.map((b) => (
            <Box key={b.id} sx={{ width: sizes.pot }}>
              <Urn
                shape={b.pot.vessel}
                fillMeters={b.pot.vessel.depthMeters / 2}
                title={b.name}
                small
              />
            </Box>
          ))}
        </Box>
      </Box>
      <Typography
        component={Link}
        to="/keep"
        sx={{ fontWeight: 700, color: 'text.primary', textDecoration: 'none' }}
      >
        {keepings.filter((k) => k.hold).length} held hot, {keepings.filter((k) => k.cooling).length}{' '}
        cooling
        {keepings.some((k) => k.setOut)
          ? `, ${keepings.filter((k) => k.setOut).length} set out`
          : ''}
      </Typography>
      <Box component={Link} to="/keep" sx={{ color: 'text.primary', textDecoration: 'none' }}>
        <Typography sx={{ fontWeight: 700 }}>
          {tubs} {tubs === 1 ? 'tub' : 'tubs'}
        </Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
          {lots.slice(0, 12).map((l) => (
            <Tub
              key={l.id}
              frozen={l.state === 'FROZEN'}
              due={l.daysLeft <= 1 && l.state === 'CHILLED'}
              fill={1}
            />
          ))}
        </Box>
      </Box>
      {last.length > 0 && (
        <Typography sx={{ fontSize: sizes.note }}>
          Running out:{' '}
          {last.map((k) => `${k.name}, ${k.tubs} ${k.tubs === 1 ? 'tub' : 'tubs'}`).join('; ')}.
        </Typography>
      )}
    </Box>
  );
}
