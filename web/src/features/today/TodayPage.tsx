import { useNow } from '../../api/clock';
import { Box, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useBatches } from '../../api/batches';
import { useKeepings } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useLots } from '../../api/lots';
import { usePantry, useStock } from '../../api/pantry';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { BrokenPots } from '../../ui/BrokenPots';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Tub } from '../../ui/Tub';
import { Urn } from '../../ui/Urn';
import { inOrder, ofKeepings, ofPots, ofStore, type Need } from './needs';

const TONES: Record<Need['tone'], string> = { alarm: 'error.main', wait: 'warning.main', next: 'text.secondary' };
const WORDS: Record<Need['tone'], string> = { alarm: 'now', wait: 'soon', next: 'soon' };
const KINDS: Record<Need['kind'], string> = { pot: 'on the stove', hot: 'held hot', out: 'set out', cooling: 'cooling', tub: 'in tubs', pack: 'on the shelf' };
const DAY_MS = 86_400_000;

/** One glance: what needs someone now, and what is next. */
export function TodayPage() {
  const { data: kitchen } = useKitchen();
  const batches = useBatches();
  const keepings = useKeepings();
  const lots = useLots();
  const { data: stock = [] } = useStock();
  const { data: goods = [] } = usePantry();
  const now = useNow();
  const error = batches.error ?? keepings.error ?? lots.error;
  const name = (id: string) => goods.find((g) => g.id === id)?.content.name ?? id;
  if (!kitchen) return <Page title="Today" sub="what needs me now, and next">{error && <Note tone="tomato">{error.message}</Note>}</Page>;
  const { zone, units } = kitchen.settings;
  const needs = inOrder([...ofPots(batches.data ?? [], now), ...ofKeepings(keepings.data ?? [], now, units), ...ofStore(lots.data ?? [], stock, name, now)]);
  const urgent = needs.filter((n) => n.tone === 'alarm').length;
  const loaded = batches.data && keepings.data && lots.data;
  return (
    <Page title={show.day(now, zone)} sub={urgent === 0 ? 'nothing is late' : `${urgent} ${urgent === 1 ? 'thing needs' : 'things need'} someone now`}>
      {error && <Note tone="tomato">{error.message}</Note>}
      <BrokenPots zone={zone} />
      {loaded && needs.length === 0 && <Typography>Nothing is on, held, cooling or due. <Link to="/plan">Plan a batch</Link>, or see <Link to="/formulas">what the shelf has</Link>.</Typography>}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.keep, gap: 3.5, alignItems: 'start' }}>
        <Box component="ol" aria-label="What needs someone" sx={{ listStyle: 'none', p: 0, m: 0, borderTop: 1, borderColor: 'divider', minWidth: 0 }}>
          {needs.map((n) => <Row key={n.key} need={n} now={now} zone={zone} />)}
        </Box>
        <Glance batches={batches.data ?? []} keepings={keepings.data ?? []} lots={lots.data ?? []} />
      </Box>
    </Page>
  );
}

/** Now, an hour, or a day of the week. */
function when(need: Need, now: number, zone: string): string {
  if (need.day) return need.day;
  if (need.at <= now) return WORDS[need.tone];
  return need.at - now > DAY_MS ? (show.day(need.at, zone).split(' ')[0] ?? '') : show.hour(need.at, zone);
}

function Row({ need, now, zone }: { need: Need; now: number; zone: string }) {
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: columns.need, columnGap: 2, alignItems: 'center', borderBottom: 1, borderColor: 'divider', minHeight: sizes.target, py: 0.75 }}>
      <Typography sx={{ fontFamily: faces.figures, fontWeight: 800, fontSize: sizes.figure, color: TONES[need.tone] }}>{when(need, now, zone)}</Typography>
      <Box sx={{ minWidth: 0 }}>
        <Typography component={Link} to={need.to} sx={{ fontWeight: 700, color: 'text.primary', textDecoration: 'none', fontSize: sizes.lead, overflowWrap: 'anywhere', '&:hover': { textDecoration: 'underline' } }}>{need.name}</Typography>
        <Typography sx={{ color: need.tone === 'alarm' ? 'error.main' : 'text.primary' }}>{need.what}</Typography>
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: sizes.small, textAlign: 'right', display: { xs: 'none', sm: 'block' } }}>{KINDS[need.kind]}</Typography>
    </Box>
  );
}

interface GlanceProps { batches: NonNullable<ReturnType<typeof useBatches>['data']>; keepings: NonNullable<ReturnType<typeof useKeepings>['data']>; lots: NonNullable<ReturnType<typeof useLots>['data']> }

/** How much of everything there is, and the last tubs of a kind. */
function Glance({ batches, keepings, lots }: GlanceProps) {
  const tubs = lots.reduce((sum, l) => sum + l.tubs, 0);
  const kinds = new Map<string, { name: string; tubs: number }>();
  for (const l of lots) kinds.set(l.formulaId, { name: l.name, tubs: (kinds.get(l.formulaId)?.tubs ?? 0) + l.tubs });
  const last = [...kinds.values()].filter((k) => k.tubs <= 2);
  return (
    <Box component="section" aria-label="At a glance" sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minWidth: 0 }}>
      <Box component={Link} to="/pots" sx={{ color: 'text.primary', textDecoration: 'none' }}>
        <Typography sx={{ fontWeight: 700 }}>{batches.length} on the stove</Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' }}>
          {batches.map((b) => <Box key={b.id} sx={{ width: sizes.pot }}><Urn shape={b.pot.vessel} fillMeters={b.pot.vessel.depthMeters / 2} title={b.name} small /></Box>)}
        </Box>
      </Box>
      <Typography component={Link} to="/keep" sx={{ fontWeight: 700, color: 'text.primary', textDecoration: 'none' }}>{keepings.filter((k) => k.hold).length} held hot, {keepings.filter((k) => k.cooling).length} cooling{keepings.some((k) => k.setOut) ? `, ${keepings.filter((k) => k.setOut).length} set out` : ''}</Typography>
      <Box component={Link} to="/keep" sx={{ color: 'text.primary', textDecoration: 'none' }}>
        <Typography sx={{ fontWeight: 700 }}>{tubs} {tubs === 1 ? 'tub' : 'tubs'}</Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>{lots.slice(0, 12).map((l) => <Tub key={l.id} frozen={l.state === 'FROZEN'} due={l.daysLeft <= 1 && l.state === 'CHILLED'} fill={1} />)}</Box>
      </Box>
      {last.length > 0 && <Typography sx={{ fontSize: sizes.note }}>Running out: {last.map((k) => `${k.name}, ${k.tubs} ${k.tubs === 1 ? 'tub' : 'tubs'}`).join('; ')}.</Typography>}
    </Box>
  );
}
