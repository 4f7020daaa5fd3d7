import { useState } from 'react';
import { newId, type BatchView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from './Sheet';

const BY = [{ value: 'plate', text: 'by the plate' }, { value: 'solids', text: 'by its solids' }] as const;

/** Thicker or thinner than planned, or as thick as last time by the plate. */
export function TargetSheet({ batch, onClose }: { batch: BatchView; onClose: () => void }) {
  const { send } = useOutbox();
  const [id] = useState(newId);
  const [by, setBy] = useState<'plate' | 'solids'>('plate');
  const [text, setText] = useState('');
  const [refused, setRefused] = useState<ProblemError>();
  const plate = by === 'plate';
  const read = plate ? parseQuantity(text, 'LENGTH', 'mm') : parseQuantity(text, 'SHARE', '%');
  const field = plate ? 'spreadMeters' : 'solidsFraction';
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at(`/${field}`);
  const save = async () => {
    if (read.outcome !== 'understood') return;
    const sent = await send('/targets', { id, [field]: read.value, enteredText: text }, batch.id);
    if (sent.kind === 'refused') setRefused(sent.error);
    else onClose();
  };
  return (
    <Sheet title="How thick is thick enough" act="Save" ready={read.outcome === 'understood'} onAct={() => void save()} onClose={onClose}>
      <Choices label="Judged" options={BY} chosen={by} onChoose={(to) => { setRefused(undefined); setBy(to); }} />
      <QuantityField label={plate ? 'A level tablespoon on a cold plate spreads to' : 'Non-fat solids'} text={text} onText={(t) => { setRefused(undefined); setText(t); }} understood={plate ? 'as wide as last time' : ''} fault={fault} numeric={false} autoFocus />
      {plate && <Note>Products differ about twofold in thickness at equal solids. Judged by the plate, the hour is found for this one.</Note>}
      {refused && !fault && <Note tone="tomato">{refused.summary}</Note>}
    </Sheet>
  );
}
