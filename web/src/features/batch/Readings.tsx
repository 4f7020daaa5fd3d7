import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { newId, type BatchView, type EventView, type KitchenView } from '../../api/client';
import { useEarlier } from '../../api/batches';
import { useOutbox } from '../../api/outbox';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';
import { eventWords } from './readings';

const SHOWN: EventView['kind'][] = [
  'READING_TAKEN',
  'POURED',
  'ADDED',
  'LADLED_OUT',
  'PIECES_TAKEN_OUT',
  'SET_OTHERWISE',
  'TARGET_SET',
  'TASTED',
  'CUPS_TRIED',
];

/** What was read and done, struck-out entries kept in sight. */
export function Readings({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const { send } = useOutbox();
  const [fault, setFault] = useState<string>();
  const { units, zone } = kitchen.settings;
  const live = batch.status === 'SIMMERING';
  const earlier = useEarlier(batch.id, batch.events[0]?.sequence ?? 1);
  const pages = earlier.data?.pages ?? [];
  const entries = [...pages.toReversed().flat(), ...batch.events].filter((e) =>
    SHOWN.includes(e.kind),
  );
  const more = pages.length === 0 ? batch.earlierEvents : earlier.hasNextPage;
  const turn = async (entry: EventView) => {
    const about = { id: newId(), eventId: entry.id };
    const sent = await (entry.struckOut
      ? send('/restorations', about, batch.id)
      : send('/strike-outs', { ...about, reason: '' }, batch.id));
    setFault(sent.kind === 'refused' ? sent.error.summary : undefined);
  };
  const odd = entries.some((r) => r.odd && !r.struckOut);
  return (
    <Box>
      {odd && (
        <Note>
          A reading does not go with the others. Strike it out if it was misread; else take another.
        </Note>
      )}
      {live && batch.forecast.cautions.map((c) => <Note key={c.code}>{c.text}</Note>)}
      {fault && <Note tone="tomato">{fault}</Note>}
      {batch.forecast.readings === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          No reading yet. Two weighings or dips make the hour far surer.
        </Typography>
      )}
      {more && (
        <Button
          onClick={() => void (pages.length === 0 ? earlier.refetch() : earlier.fetchNextPage())}
          disabled={earlier.isFetching}
        >
          Earlier entries
        </Button>
      )}
      {earlier.error && <Note tone="tomato">{earlier.error.message}</Note>}
      <Box component="ul" aria-label="Readings" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {entries.map((r) => (
          <Box
            component="li"
            key={r.id}
            sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 44 }}
          >
            <Typography sx={{ color: 'text.secondary', minWidth: 48 }}>
              {show.hour(r.happenedAt, zone)}
            </Typography>
            <Typography
              sx={{
                flex: 1,
                textDecoration: r.struckOut ? 'line-through' : 'none',
                color: r.struckOut ? 'text.secondary' : 'text.primary',
              }}
            >
              {eventWords(r, units)}
              {r.odd && !r.struckOut ? ' · odd' : ''}
            </Typography>
            {r.struckOut && <Typography sx={{ color: 'text.secondary' }}>struck out</Typography>}
            {live && (
              <Button
                onClick={() => void turn(r)}
                aria-label={`${r.struckOut ? 'Put back' : 'Strike out'} ${eventWords(r, units)}`}
              >
                {r.struckOut ? 'Put back' : 'Strike out'}
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
