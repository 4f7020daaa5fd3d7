import { InputBase, Typography, Box } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BatchView, KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { useUndo } from '../../ui/undo';
import { useEntry } from './useEntry';

/** Off the heat: what came out, and what to remember. */
export function FinishSheet({
  batch,
  kitchen,
  onClose,
}: {
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const offerBack = useUndo();
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(
    batch.id,
    (eventId) => {
      offerBack({
        words: `${batch.name} is off the heat.`,
        acts: [{ batchId: batch.id, eventId }],
        onBack: () => void navigate(`/pots/${batch.id}`),
      });
      void navigate('/logbook');
    },
  );
  const [text, setText] = useState('');
  const [note, setNote] = useState('');
  const read = parseQuantity(text, 'MASS', 'kg', measuresOf(kitchen));
  const understood =
    text === ''
      ? 'not weighed'
      : read.outcome === 'understood'
        ? show.text(show.mass(Math.max(0, read.value), kitchen.settings.units))
        : '';
  const fault =
    text && read.outcome !== 'understood' ? read.message : refused?.at('/finalMassKilograms');
  const save = () =>
    write('/finishes', {
      enteredText: text,
      note,
      ...(text && read.outcome === 'understood' ? { finalMassKilograms: read.value } : {}),
    });
  return (
    <Sheet
      title="Off the heat"
      act="Put it in the logbook"
      ready={hourUnderstood && (text === '' || read.outcome === 'understood')}
      onAct={() => void save()}
      onClose={onClose}
    >
      <QuantityField
        label="Sauce that came out"
        text={text}
        onText={edit(setText)}
        understood={understood}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <Box>
        <Typography
          component="label"
          htmlFor="finish-note"
          variant="caption"
          sx={{ color: 'text.secondary', display: 'block' }}
        >
          To remember
        </Typography>
        <InputBase
          id="finish-note"
          value={note}
          onChange={(e) => setNote(e.target.value)}
          multiline
          minRows={2}
          fullWidth
          inputProps={{ maxLength: 2000 }}
          sx={{ borderBottom: 1.5, borderColor: 'text.primary' }}
        />
      </Box>
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}
