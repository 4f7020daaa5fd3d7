import { Box, Button, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { LogbookEntry } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useLogbook } from '../../api/logbook';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { TextLine } from '../../ui/fields';
import { Figure } from '../../ui/Figure';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Rates } from './Rates';

const MOST_COMPARED = 4;

/** What happened, plan against outcome. */
export function LogbookPage() {
  const { data: kitchen } = useKitchen();
  const [words, setWords] = useState('');
  const { data, error, hasNextPage, fetchNextPage } = useLogbook(words.trim());
  const [chosen, setChosen] = useState<string[]>([]);
  const entries = data?.pages.flatMap((page) => page.entries) ?? [];
  const choose = (id: string) =>
    setChosen((c) =>
      c.includes(id) ? c.filter((one) => one !== id) : [...c, id].slice(-MOST_COMPARED),
    );
  const acts = (
    <>
      <Button
        variant="outlined"
        component="a"
        href={`/api/logbook/export.csv?words=${encodeURIComponent(words.trim())}`}
        download="logbook.csv"
      >
        Export as a table
      </Button>
      <Button
        variant="contained"
        component={Link}
        to={`/logbook/compare?ids=${chosen.join(',')}`}
        disabled={chosen.length < 2}
      >
        Compare {chosen.length > 1 ? chosen.length : ''}
      </Button>
    </>
  );
  return (
    <Page title="Logbook" sub="what was planned, what happened" step="Log" acts={acts}>
      {error && <Note tone="tomato">{error.message}</Note>}
      <TextLine label="Find in name, pot and notes" text={words} onText={setWords} />
      {data && entries.length === 0 && (
        <Typography>
          {words
            ? 'No finished batch has all of these words.'
            : 'No batch is finished yet. When one comes off the heat, it stands here with its plan.'}
        </Typography>
      )}
      <Box component="ul" aria-label="Finished batches" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {kitchen &&
          entries.map((entry) => (
            <Entry
              key={entry.id}
              entry={entry}
              units={kitchen.settings.units}
              zone={kitchen.settings.zone}
              currency={kitchen.settings.currency}
              chosen={chosen.includes(entry.id)}
              onChoose={() => choose(entry.id)}
            />
          ))}
      </Box>
      {hasNextPage && (
        <Button
          variant="outlined"
          onClick={() => void fetchNextPage()}
          sx={{ alignSelf: 'flex-start' }}
        >
          Earlier ones
        </Button>
      )}
      {kitchen && !words && <Rates zone={kitchen.settings.zone} />}
    </Page>
  );
}

interface EntryProps {
  entry: LogbookEntry;
  units: Units;
  zone: string;
  currency: string;
  chosen: boolean;
  onChoose: () => void;
}

function Entry({ entry, units, zone, currency, chosen, onChoose }: EntryProps) {
  const late = entry.lateSeconds;
  const working = (figure: string) => entry.workings.find((w) => w.figure === figure);
  const perKilogram =
    entry.cost !== undefined && entry.finalMassKilograms
      ? `${show.text(show.money(entry.cost / entry.finalMassKilograms, currency))} a kg`
      : '';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.log,
        gap: 2,
        py: 1.75,
        borderBottom: 1,
        borderColor: 'divider',
        alignItems: 'start',
      }}
    >
      <Box>
        <Typography
          component={Link}
          to={`/logbook/${entry.id}`}
          sx={{ fontWeight: 700, color: 'text.primary', fontSize: sizes.lead }}
        >
          {entry.name}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {show.day(entry.endedAt, zone)} · {entry.vesselName}
        </Typography>
        <FormControlLabel
          control={<Checkbox checked={chosen} onChange={onChoose} size="small" />}
          label="compare"
          slotProps={{ typography: { sx: { fontSize: sizes.small } } }}
          aria-label={`Compare ${entry.name} of ${show.day(entry.endedAt, zone)}`}
        />
      </Box>
      <Figure
        label={entry.plannedEnd ? `off at, ${show.hour(entry.plannedEnd, zone)} planned` : 'off at'}
        shown={{
          value: show.hour(entry.endedAt, zone),
          unit:
            late === undefined
              ? ''
              : `${show.text(show.span(late))} ${late < 0 ? 'earlier' : 'later'}`,
        }}
        working={working('late')}
      />
      <Figure
        label={`came out, ${show.text(show.mass(entry.plannedMassKilograms, units))} planned`}
        shown={
          entry.finalMassKilograms === undefined
            ? { value: 'not weighed', unit: '' }
            : show.mass(entry.finalMassKilograms, units)
        }
        working={working('finalMass')}
      />
      <Figure
        label={`this pot’s rate, ${entry.readings} ${entry.readings === 1 ? 'reading' : 'readings'}`}
        shown={{ value: `× ${entry.evaporationFactor.toFixed(2)}`, unit: '' }}
        working={working('evaporationFactor')}
      />
      <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
        <Typography sx={{ overflowWrap: 'anywhere' }}>{entry.note}</Typography>
        {entry.cost !== undefined && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            {show.text(show.money(entry.cost, currency))} of goods
            {perKilogram && `, ${perKilogram}`}
          </Typography>
        )}
      </Box>
    </Box>
  );
}
