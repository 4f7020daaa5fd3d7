import { Typography } from '@mui/material';
import { useState } from 'react';
import type { KitchenView } from '../../api/client';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { TextLine } from '../../ui/fields';
import { Sheet } from '../../ui/Sheet';
import { degreesTyped, useKept } from './useKept';
import { degrees } from './words';

const FROM = [
  { value: 'hot', text: 'from hot' },
  { value: 'cold', text: 'from cold' },
] as const;

/** Something stands out to be served: a rest of a bake, pasta for the second plate. */
export function SetOutSheet({ kitchen, onClose }: { kitchen: KitchenView; onClose: () => void }) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(undefined, onClose);
  const { units } = kitchen.settings;
  const [food, setFood] = useState('');
  const [from, setFrom] = useState<(typeof FROM)[number]['value']>('hot');
  const [text, setText] = useState('');
  const { own, entered } = degreesTyped(text, units);
  const read = parseQuantity(text, 'TEMPERATURE', own);
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/celsius');
  const save = () =>
    read.outcome === 'understood'
      ? write('/set-outs', {
          food: food.trim(),
          fromCold: from === 'cold',
          celsius: read.value,
          enteredText: entered,
        })
      : undefined;
  return (
    <Sheet
      title="Set something out"
      act="It stands out"
      ready={food.trim() !== '' && read.outcome === 'understood' && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <TextLine
        label="What"
        text={food}
        onText={edit(setFood)}
        placeholder="Baked pasta, half a tray"
      />
      <Choices label="It comes" options={FROM} chosen={from} onChoose={edit(setFrom)} />
      <QuantityField
        label="The thermometer shows"
        text={text}
        onText={edit(setText)}
        understood={read.outcome === 'understood' ? degrees(read.value, units) : ''}
        fault={fault}
      />
      <Typography sx={{ color: 'text.secondary' }}>
        From now on time alone is the limit: what is left then is thrown away, and not heated,
        cooled or kept again.
      </Typography>
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}
