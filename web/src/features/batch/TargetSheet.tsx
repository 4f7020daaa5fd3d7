import type { BatchView } from '../../api/client';
import { QuantityField, typed } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';

const BY = [
  { value: 'plate', text: 'by the plate' },
  { value: 'solids', text: 'by its solids' },
] as const;
type By = (typeof BY)[number]['value'];
const START: { by: By; text: string } = { by: 'plate', text: '' };

/** Thicker or thinner than planned, or as thick as last time by the plate. */
export function TargetSheet({ batch, onClose }: { batch: BatchView; onClose: () => void }) {
  const of = { batchId: batch.id, sheet: 'target', start: START, onWritten: onClose };
  const sheet = useEntry(of);
  const { values, put, write, refused } = sheet;
  const plate = values.by === 'plate';
  const read = plate ? typed(values.text, 'LENGTH', 'mm') : typed(values.text, 'SHARE', '%');
  const field = plate ? 'spreadMeters' : 'solidsFraction';
  const fault = read.fault ?? refused?.at(`/${field}`, read.entered);
  return (
    <Sheet
      of={sheet}
      title="How thick is thick enough"
      ready={read.value !== undefined}
      onAct={() => write('/targets', { [field]: read.value, enteredText: read.entered })}
      onClose={onClose}
      atField={fault}
    >
      <Choices label="Judged" options={BY} chosen={values.by} onChoose={(to) => put('by', to)} />
      <QuantityField
        label={plate ? 'A level tablespoon on a cold plate spreads to' : 'Non-fat solids'}
        text={values.text}
        onText={(to) => put('text', to)}
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
    </Sheet>
  );
}
