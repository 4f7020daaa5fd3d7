import { Box } from '@mui/material';
import { useEarlier } from '../../api/batches';
import { newId, type BatchView, type EventView, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { show } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { ReadingRow } from './batch.styles';
import { eventWords } from './readings';

const SHOWN: EventView['kind'][] = [
  'READING_TAKEN',
  'POURED',
  'ADDED',
  'LADLED_OUT',
  'PIECES_TAKEN_OUT',
  'CAME_OVER',
  'SET_OTHERWISE',
  'TARGET_SET',
  'TASTED',
  'CUPS_TRIED',
];

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
}

/** What happened to a batch, as much of it as was asked for, and how more is asked for. */
function useEntries(batch: BatchView) {
  const earlier = useEarlier(batch.id, batch.events[0]?.sequence ?? 1);
  const pages = earlier.data?.pages ?? [];
  const entries = [...pages.toReversed().flat(), ...batch.events].filter((e) =>
    SHOWN.includes(e.kind),
  );
  const isFirst = pages.length === 0;
  return {
    entries,
    more: isFirst ? batch.earlierEvents : earlier.hasNextPage,
    ask: () => (isFirst ? earlier.refetch() : earlier.fetchNextPage()),
    error: earlier.error,
  };
}

/** What was read and done, struck-out entries kept in sight. */
export function Readings({ batch, kitchen }: Props) {
  const { entries, more, ask, error } = useEntries(batch);
  const live = batch.status === 'SIMMERING';
  const odd = entries.some((r) => r.odd && !r.struckOut);
  return (
    <Box>
      {odd && (
        <Note>
          A reading does not go with the others. Strike it out if it was misread; else take another.
        </Note>
      )}
      {batch.forecast.readings === 0 && (
        <Text tone="muted">No reading yet. Two weighings or dips make the hour far surer.</Text>
      )}
      {more && <ActButton onAct={ask}>Earlier entries</ActButton>}
      {error && <Note tone="tomato">{error.message}</Note>}
      <BareList aria-label="Readings">
        {entries.map((e) => (
          <Entry key={e.id} entry={e} batchId={batch.id} live={live} kitchen={kitchen} />
        ))}
      </BareList>
    </Box>
  );
}

interface EntryProps {
  entry: EventView;
  batchId: string;
  live: boolean;
  kitchen: KitchenView;
}
function Entry({ entry: e, batchId, live, kitchen }: EntryProps) {
  const { send } = useOutbox();
  const { units, zone } = kitchen.settings;
  const words = eventWords(e, units);
  const turn = () => {
    const about = { id: newId(), eventId: e.id };
    return e.struckOut
      ? send('/restorations', about, batchId)
      : send('/strike-outs', { ...about, reason: '' }, batchId);
  };
  return (
    <ReadingRow>
      <Text tone="muted" sx={{ minWidth: 48 }}>
        {show.hour(e.happenedAt, zone)}
      </Text>
      <Text
        tone={e.struckOut ? 'muted' : 'ink'}
        sx={{ flex: 1, textDecoration: e.struckOut ? 'line-through' : 'none' }}
      >
        {words}
        {e.odd && !e.struckOut ? ' · odd' : ''}
      </Text>
      {e.struckOut && <Text tone="muted">struck out</Text>}
      {live && (
        <ActButton onAct={turn} aria-label={`${e.struckOut ? 'Put back' : 'Strike out'} ${words}`}>
          {e.struckOut ? 'Put back' : 'Strike out'}
        </ActButton>
      )}
    </ReadingRow>
  );
}
