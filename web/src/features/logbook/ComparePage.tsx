import { Box, Typography } from '@mui/material';
import { useQueries } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { client, type BatchView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { FallsOver } from '../../ui/FallsOver';
import { heatInWords } from '../../ui/heat';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { fallOf } from './falls';

/** Batches and pots side by side, fall lines laid over each other. */
export function ComparePage() {
  const [search] = useSearchParams();
  const ids = (search.get('ids') ?? '').split(',').filter(Boolean);
  const { data: kitchen } = useKitchen();
  const found = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['batches', id],
      queryFn: () => answered(client.GET('/api/batches/{id}', { params: { path: { id } } })),
    })),
  });
  const batches = found.flatMap((f) => (f.data ? [f.data] : []));
  const fault = found.find((f) => f.error)?.error;
  const zone = kitchen?.settings.zone ?? 'UTC';
  const name = (b: BatchView) => `${b.name}, ${show.day(b.startedAt, zone)}`;
  return (
    <Page
      title="Batch against batch"
      sub="minutes from the simmer on, mass as a share of what was in the pot then"
      step="Log"
    >
      {fault && <Note tone="tomato">{fault.message}</Note>}
      {ids.length < 2 && (
        <Typography>
          Tick two or more batches in the <Link to="/logbook">logbook</Link>.
        </Typography>
      )}
      {batches.length > 0 && (
        <Box sx={{ maxWidth: sizes.picture }}>
          <FallsOver
            falls={batches.map((b) =>
              fallOf(b, `${b.pot.vessel.name}, ${show.day(b.startedAt, zone)}`),
            )}
            title={`Fall lines of ${batches.map(name).join(' and ')}`}
          />
        </Box>
      )}
      {kitchen && batches.length > 0 && (
        <Box sx={{ overflowX: 'auto' }}>
          <Box
            component="table"
            sx={{
              borderCollapse: 'collapse',
              width: '100%',
              tableLayout: 'fixed',
              minWidth: sizes.compared,
              '& th, & td': {
                textAlign: 'left',
                p: 0.75,
                borderBottom: 1,
                borderColor: 'divider',
                verticalAlign: 'top',
              },
              '& thead th': { fontWeight: 700 },
              '& tbody th': { fontWeight: 500, color: 'text.secondary', fontSize: sizes.note },
            }}
          >
            <thead>
              <tr>
                <th scope="col"> </th>
                {batches.map((b) => (
                  <th key={b.id} scope="col">
                    <Link to={`/logbook/${b.id}`}>{name(b)}</Link>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows(batches, kitchen.settings.units).map(([label, cells]) => (
                <tr key={label}>
                  <th scope="row">{label}</th>
                  {cells.map((c, i) => (
                    <td key={batches[i]?.id}>{c}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Page>
  );
}

function rows(batches: BatchView[], units: Units): [string, string[]][] {
  const each = (cell: (b: BatchView) => string) => batches.map(cell);
  const minutes = (b: BatchView) =>
    b.end
      ? (new Date(b.end.endedAt).getTime() - new Date(b.forecast.simmerStartedAt).getTime()) / 1000
      : undefined;
  return [
    ['pot and burner', each((b) => `${b.pot.vessel.name} on ${b.pot.heatSourceName}`)],
    ['heat and lid', each((b) => `${heatInWords(b.pot.heating)}, lid ${b.pot.lid.toLowerCase()}`)],
    [
      'simmered',
      each((b) => {
        const s = minutes(b);
        return s === undefined ? 'still on' : show.text(show.span(s));
      }),
    ],
    [
      'came out',
      each((b) =>
        b.end?.finalMassKilograms === undefined
          ? 'not weighed'
          : show.text(show.mass(b.end.finalMassKilograms, units)),
      ),
    ],
    ['planned to come out', each((b) => show.text(show.mass(b.planned.endMassKilograms, units)))],
    [
      'solids at the end',
      each((b) =>
        show.text(
          show.percent(b.end?.reachedSolidsFraction ?? b.forecast.equivalentSolidsFraction),
        ),
      ),
    ],
    [
      'this pot’s rate',
      each((b) => `× ${b.forecast.evaporationFactor.toFixed(2)}, ${b.forecast.readings} readings`),
    ],
    ['to remember', each((b) => b.end?.note ?? '')],
  ];
}
