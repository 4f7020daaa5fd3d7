import { Box, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, type LogbookEntry } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Figure } from '../../ui/Figure';

/** What happened, plan against outcome. */
export function LogbookPage() {
  const { data: kitchen } = useKitchen();
  const { data, error } = useQuery({ queryKey: ['batches', 'logbook'], queryFn: () => answered(client.GET('/api/logbook')) });
  return (
    <Page title="Logbook" sub="what was planned, what happened" step="Log">
      {error && <Note tone="tomato">{error.message}</Note>}
      {data?.length === 0 && <Typography>No batch is finished yet. When one comes off the heat, it stands here with its plan.</Typography>}
      <Box component="ul" aria-label="Finished batches" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {kitchen && data?.map((entry) => <Entry key={entry.id} entry={entry} units={kitchen.settings.units} zone={kitchen.settings.zone} />)}
      </Box>
    </Page>
  );
}

function Entry({ entry, units, zone }: { entry: LogbookEntry; units: Units; zone: string }) {
  const late = entry.lateSeconds;
  const working = (figure: string) => entry.workings.find((w) => w.figure === figure);
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: columns.log, gap: 2, py: 1.75, borderBottom: 1, borderColor: 'divider', alignItems: 'start' }}>
      <Box>
        <Typography component={Link} to={`/pots/${entry.id}`} sx={{ fontWeight: 700, color: 'text.primary', fontSize: sizes.lead }}>{entry.name}</Typography>
        <Typography sx={{ color: 'text.secondary' }}>{show.day(entry.endedAt, zone)} · {entry.vesselName}</Typography>
        <Typography sx={{ fontSize: sizes.small }}><Link to={`/keep/cool?batch=${entry.id}${entry.finalMassKilograms === undefined ? '' : `&mass=${encodeURIComponent(show.text(show.mass(entry.finalMassKilograms, units)))}`}`}>Cool it</Link></Typography>
      </Box>
      <Figure label={entry.plannedEnd ? `off at, ${show.hour(entry.plannedEnd, zone)} planned` : 'off at'} shown={{ value: show.hour(entry.endedAt, zone), unit: late === undefined ? '' : `${show.text(show.span(late))} ${late < 0 ? 'earlier' : 'later'}` }} working={working('late')} />
      <Figure label={`came out, ${show.text(show.mass(entry.plannedMassKilograms, units))} planned`} shown={entry.finalMassKilograms === undefined ? { value: 'not weighed', unit: '' } : show.mass(entry.finalMassKilograms, units)} working={working('finalMass')} />
      <Figure label={`this pot’s rate, ${entry.readings} ${entry.readings === 1 ? 'reading' : 'readings'}`} shown={{ value: `× ${entry.evaporationFactor.toFixed(2)}`, unit: '' }} working={working('evaporationFactor')} />
      <Typography sx={{ overflowWrap: 'anywhere', gridColumn: { xs: '1 / -1', md: 'auto' } }}>{entry.note}</Typography>
    </Box>
  );
}
