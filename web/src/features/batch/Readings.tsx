import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { newId, type BatchView, type EventView, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';

/** The readings, struck-out ones kept in sight. */
export function Readings({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const { send } = useOutbox();
  const [fault, setFault] = useState<string>();
  const readings = batch.events.filter((e) => e.kind === 'WEIGHED' || e.kind === 'DIPPED');
  if (readings.length === 0) return <Typography sx={{ color: 'text.secondary' }}>No reading yet. Two weighings or dips make the hour far surer.</Typography>;
  const turn = async (reading: EventView) => {
    const about = { id: newId(), readingId: reading.id };
    const sent = await (reading.struckOut ? send('/restorations', about, batch.id) : send('/strike-outs', { ...about, reason: '' }, batch.id));
    setFault(sent.kind === 'refused' ? sent.error.summary : undefined);
  };
  const odd = readings.some((r) => r.odd && !r.struckOut);
  return (
    <Box>
      {odd && <Note>A reading does not go with the others. Strike it out if it was misread; else take another.</Note>}
      {batch.status === 'SIMMERING' && batch.forecast.cautions.map((c) => <Note key={c.code}>{c.text}</Note>)}
      {fault && <Note tone="tomato">{fault}</Note>}
      <Box component="ul" aria-label="Readings" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {readings.map((r) => (
          <Box component="li" key={r.id} sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 44 }}>
            <Typography sx={{ color: 'text.secondary', minWidth: 48 }}>{show.hour(r.happenedAt, kitchen.settings.zone)}</Typography>
            <Typography sx={{ flex: 1, textDecoration: r.struckOut ? 'line-through' : 'none', color: r.struckOut ? 'text.secondary' : 'text.primary' }}>{words(r, kitchen)}{r.odd && !r.struckOut ? ' · odd' : ''}</Typography>
            {r.struckOut && <Typography sx={{ color: 'text.secondary' }}>struck out</Typography>}
            {batch.status === 'SIMMERING' && <Button onClick={() => void turn(r)} aria-label={`${r.struckOut ? 'Put back' : 'Strike out'} ${words(r, kitchen)}`}>{r.struckOut ? 'Put back' : 'Strike out'}</Button>}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function words(r: EventView, kitchen: KitchenView): string {
  const { units } = kitchen.settings;
  return r.kind === 'WEIGHED' ? `${show.text(show.mass(r.netKilograms ?? 0, units))} of sauce` : `${show.text(show.depth(r.depthMeters ?? 0, units))} deep`;
}
