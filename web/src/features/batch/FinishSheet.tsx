import { InputBase, Typography, Box } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId, type BatchView, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from './Sheet';
import { When, happened, whenFault } from './When';

/** Off the heat: what came out, and what to remember. */
export function FinishSheet({ batch, kitchen, onClose }: { batch: BatchView; kitchen: KitchenView; onClose: () => void }) {
  const { send } = useOutbox();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [note, setNote] = useState('');
  const [when, setWhen] = useState('');
  const [id] = useState(newId);
  const [refused, setRefused] = useState<ProblemError>();
  const read = parseQuantity(text, 'MASS', 'kg');
  const understood = text === '' ? 'not weighed' : read.outcome === 'understood' ? show.text(show.mass(Math.max(0, read.value), kitchen.settings.units)) : '';
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/finalMassKilograms');

  const save = async () => {
    const weighed = text && read.outcome === 'understood' ? { finalMassKilograms: read.value } : {};
    const sent = await send('/finishes', { id, enteredText: text, note, ...weighed, ...happened(when) }, batch.id);
    if (sent.kind === 'refused') setRefused(sent.error);
    else void navigate('/logbook');
  };
  return (
    <Sheet title="Off the heat" act="Put it in the logbook" ready={!whenFault(when) && (text === '' || read.outcome === 'understood')} onAct={() => void save()} onClose={onClose}>
      <QuantityField label="Sauce that came out" text={text} onText={(t) => { setRefused(undefined); setText(t); }} understood={understood} fault={fault} numeric={false} autoFocus />
      <Box>
        <Typography component="label" htmlFor="finish-note" variant="caption" sx={{ color: 'text.secondary', display: 'block' }}>To remember</Typography>
        <InputBase id="finish-note" value={note} onChange={(e) => setNote(e.target.value)} multiline minRows={2} fullWidth inputProps={{ maxLength: 2000 }} sx={{ borderBottom: 1.5, borderColor: 'text.primary' }} />
      </Box>
      <When text={when} onText={(t) => { setRefused(undefined); setWhen(t); }} fault={refused?.at('/stamp/happenedLocalTime')} />
      {refused && !fault && !refused.at('/stamp/happenedLocalTime') && <Note tone="tomato">{refused.summary}</Note>}
    </Sheet>
  );
}
