import { Box } from '@mui/material';
import { newId } from '../../api/client';
import { ActButton } from '../../ui/ActButton';
import { Choices } from '../../ui/Choices';
import { TextLine } from '../../ui/fields';
import { parsePH, type BalanceForm, type Faults } from './form';
import { Text } from '../../ui/text';
import { FieldPair } from './balance.styles';
import { usePotWrites } from '../../ui/useWrites';

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
  const write = usePotWrites();
  const pH = form.pH.trim() === '' ? undefined : parsePH(form.pH);
  const ready = !faults['pH'] && !faults['brix'];
  const keep = async () => {
    if (!batchId) return undefined;
    const sent = await write(
      '/tastings',
      {
        id: newId(),
        sharper: form.sharper,
        ...(typeof pH === 'number' ? { pH } : {}),
        ...(brix === undefined ? {} : { brixFraction: brix }),
      },
      batchId,
    );
    if (sent.kind !== 'refused') change({ pH: '', brix: '', sharper: 0 });
    return sent;
  };
  return (
    <Box component="section" aria-label="Measured or tasted">
      <Text variant="h2">Measured or tasted</Text>
      <FieldPair sx={{ mb: 1 }}>
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
      </FieldPair>
      <Choices
        label="These tomatoes taste"
        options={SHARPER}
        chosen={String(form.sharper) as '0'}
        onChoose={(to) => change({ sharper: Number(to) })}
      />
      {batchId && (
        <ActButton variant="outlined" sx={{ mt: 1 }} disabled={!ready} onAct={keep}>
          Keep it with the pot
        </ActButton>
      )}
    </Box>
  );
}
