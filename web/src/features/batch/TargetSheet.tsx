import { useState } from 'react';
import type { BatchView } from '../../api/client';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';

const BY = [
  { value: 'plate', text: 'by the plate' },
  { value: 'solids', text: 'by its solids' },
] as const;

/** Thicker or thinner than planned, or as thick as last time by the plate. */
export function TargetSheet({ batch, onClose }: { batch: BatchView; onClose: () => void }) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(batch.id, onClose);
  const [by, setBy] = useState<'plate' | 'solids'>('plate');
  const [text, setText] = useState('');
  const plate = by === 'plate';
  const read = plate ? parseQuantity(text, 'LENGTH', 'mm') : parseQuantity(text, 'SHARE', '%');
  const field = plate ? 'spreadMeters' : 'solidsFraction';
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at(`/${field}`);
  const save = () =>
    read.outcome === 'understood'
      ? write('/targets', { [field]: read.value, enteredText: text })
      : undefined;
  return (
    <Sheet
      title="How thick is thick enough"
      act="Save"
      ready={read.outcome === 'understood' && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <Choices label="Judged" options={BY} chosen={by} onChoose={edit(setBy)} />
      <QuantityField
        label={plate ? 'A level tablespoon on a cold plate spreads to' : 'Non-fat solids'}
        text={text}
        onText={edit(setText)}
        understood={plate ? 'as wide as last time' : ''}
        fault={fault}
        numeric={false}
        autoFocus
      />
      {plate && (
        <Note>
          Products differ about twofold in thickness at equal solids. Judged by the plate, the hour
          is found for this one.
        </Note>
      )}
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}
