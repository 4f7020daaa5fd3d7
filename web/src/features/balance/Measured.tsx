import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { newId } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { columns } from '../../theme/tokens';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { TextLine } from '../../ui/fields';
import { useOnce } from './useOnce';
import { parsePH, type BalanceForm, type Faults } from './form';

const SHARPER = [
  { value: '-2', text: 'much milder' },
  { value: '-1', text: 'milder' },
  { value: '0', text: 'as usual' },
  { value: '1', text: 'sharper' },
  { value: '2', text: 'much sharper' },
] as const;

interface Props {
  form: BalanceForm;
  batchId: string | undefined;
  brix: number | undefined;
  faults: Faults;
  faultAt: (field: string) => string | undefined;
  change: (to: Partial<BalanceForm>) => void;
}

/** What was measured or tasted shifts the tomato of the tables; a pot on the stove remembers it. */
export function Measured({ form, batchId, brix, faults, faultAt, change }: Props) {
  const { send } = useOutbox();
  const [refused, setRefused] = useState<string>();
  const { busy, once } = useOnce();
  const pH = form.pH.trim() === '' ? undefined : parsePH(form.pH);
  const ready = !faults['pH'] && !faults['brix'];
  const keep = async () => {
    const sent = await send(
      '/tastings',
      {
        id: newId(),
        sharper: form.sharper,
        ...(typeof pH === 'number' ? { pH } : {}),
        ...(brix === undefined ? {} : { brixFraction: brix }),
      },
      batchId,
    );
    setRefused(sent.kind === 'refused' ? sent.error.summary : undefined);
    if (sent.kind !== 'refused') change({ pH: '', brix: '' });
  };
  return (
    <Box component="section" aria-label="Measured or tasted">
      <Typography variant="h2">Measured or tasted</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.halves, gap: 1.5, mb: 1 }}>
        <TextLine
          label="pH of the pot, cooled to the room"
          text={form.pH}
          onText={(to) => change({ pH: to })}
          fault={faultAt('pH')}
          note="a paper strip tells half a step"
          placeholder="4.25"
        />
        <TextLine
          label="The tomatoes as they went in, °Brix"
          text={form.brix}
          onText={(to) => change({ brix: to })}
          fault={faultAt('brix')}
          note="a drop of juice on the refractometer"
          placeholder="5.2"
        />
      </Box>
      <Choices
        label="These tomatoes taste"
        options={SHARPER}
        chosen={String(form.sharper) as '0'}
        onChoose={(to) => change({ sharper: Number(to) })}
      />
      {batchId && (
        <Button
          variant="outlined"
          sx={{ mt: 1 }}
          disabled={busy || !ready}
          onClick={() => once(keep)}
        >
          Keep it with the pot
        </Button>
      )}
      {refused && <Note tone="tomato">{refused}</Note>}
    </Box>
  );
}
