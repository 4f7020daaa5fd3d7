import { Box, Checkbox, FormControlLabel } from '@mui/material';
import { Link } from 'react-router';
import type { KitchenView, LogbookEntry } from '../../api/client';
import { show } from '../../quantities';
import { Figure } from '../../ui/Figure';
import { Span, Text } from '../../ui/text';
import { LogRow } from './logbook.styles';

interface Props {
  entry: LogbookEntry;
  kitchen: KitchenView;
  chosen: boolean;
  onChoose: () => void;
}

/** One finished batch: when it came off, what came out, how fast its pot boiled off. */
export function LogEntry({ entry, kitchen, chosen, onChoose }: Props) {
  const { units, zone } = kitchen.settings;
  const late = entry.lateSeconds;
  const turned =
    late === undefined ? '' : `${show.text(show.span(late))} ${late < 0 ? 'earlier' : 'later'}`;
  const working = (figure: string) => entry.workings.find((w) => w.figure === figure);
  return (
    <LogRow>
      <Box sx={{ minWidth: 0 }}>
        <Text component={Link} to={`/logbook/${entry.id}`} tone="ink" size="lead" bold long>
          {entry.name}
        </Text>
        <Text tone="muted">
          {show.day(entry.endedAt, zone)} · {entry.vesselName}
        </Text>
        <FormControlLabel
          control={<Checkbox checked={chosen} onChange={onChoose} size="small" />}
          label={<Span size="small">compare</Span>}
          aria-label={`Compare ${entry.name} of ${show.day(entry.endedAt, zone)}`}
        />
      </Box>
      <Figure
        label={entry.plannedEnd ? `off at, ${show.hour(entry.plannedEnd, zone)} planned` : 'off at'}
        shown={{ value: show.hour(entry.endedAt, zone), unit: turned }}
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
        shown={{ value: `× ${show.fixed(entry.evaporationFactor, 2)}`, unit: '' }}
        working={working('evaporationFactor')}
      />
      <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
        <Text long>{entry.note}</Text>
        <Cost entry={entry} currency={kitchen.settings.currency} />
      </Box>
    </LogRow>
  );
}

function Cost({ entry, currency }: { entry: LogbookEntry; currency: string }) {
  const { cost, finalMassKilograms: mass } = entry;
  if (cost === undefined) return null;
  const money = (amount: number) => show.text(show.money(amount, currency));
  return (
    <Text tone="muted" size="small">
      {money(cost)} of goods{mass ? `, ${money(cost / mass)} a kg` : ''}
    </Text>
  );
}
