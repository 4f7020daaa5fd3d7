import { useState } from 'react';
import { newId, type BatchView, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from './Sheet';
import { When, happened, whenFault } from './When';

export type ReadingKind = 'weigh' | 'dip';
const ON_THE_SCALE = [{ value: 'pot', text: 'pot and sauce' }, { value: 'sauce', text: 'sauce alone' }] as const;

interface Props { kind: ReadingKind; batch: BatchView; kitchen: KitchenView; onClose: () => void }

/** A weighing or a dip in three taps. What was typed stays when it is refused. */
export function ReadingSheet({ kind, batch, kitchen, onClose }: Props) {
  const { send } = useOutbox();
  const [text, setText] = useState('');
  const [when, setWhen] = useState('');
  const [on, setOn] = useState<'pot' | 'sauce'>(batch.pot.emptyMassKilograms > 0 ? 'pot' : 'sauce');
  const [id] = useState(newId);
  const [refused, setRefused] = useState<ProblemError>();
  const { units } = kitchen.settings;
  const weigh = kind === 'weigh';
  const read = weigh ? parseQuantity(text, 'MASS', 'kg') : parseQuantity(text, 'LENGTH', 'mm');
  const tare = weigh && on === 'pot' ? batch.pot.emptyMassKilograms : 0;
  const withPot = on === 'pot' ? { tareVesselId: batch.pot.vesselId } : {};
  const ready = read.outcome === 'understood' && !whenFault(when);
  const understood = read.outcome !== 'understood' ? '' : weigh ? `${show.text(show.mass(Math.max(0, read.value - tare), units))} of sauce` : show.text(show.depth(Math.max(0, read.value), units));
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at(weigh ? '/grossKilograms' : '/depthMeters');
  const edit = <T,>(set: (to: T) => void) => (to: T) => { setRefused(undefined); set(to); };

  const save = async () => {
    if (read.outcome !== 'understood') return;
    // A refused entry was not written, so its identity stays free for the mended one.
    const sent = await send('/readings', { id, enteredText: text, source: 'TYPED', ...(weigh ? { grossKilograms: read.value, ...withPot } : { depthMeters: read.value }), ...happened(when) }, batch.id);
    if (sent.kind === 'refused') setRefused(sent.error);
    else onClose();
  };
  return (
    <Sheet title={weigh ? 'Weigh' : 'Dip'} act="Save" ready={ready} onAct={() => void save()} onClose={onClose}>
      <QuantityField label={weigh ? 'The scale shows' : 'Wet length of the stick'} text={text} onText={edit(setText)} understood={understood} fault={fault} numeric={false} autoFocus />
      {weigh && batch.pot.emptyMassKilograms > 0 && <Choices label={`On the scale, the empty pot weighs ${show.text(show.mass(batch.pot.emptyMassKilograms, units))}`} options={ON_THE_SCALE} chosen={on} onChoose={edit(setOn)} />}
      <When text={when} onText={edit(setWhen)} fault={refused?.at('/happenedLocalTime')} />
      {weigh && on === 'pot' && <Note>A full pot is heavy and hot. If it is too much for one person, dip instead.</Note>}
      {refused && !fault && !refused.at('/happenedLocalTime') && <Note tone="tomato">{refused.summary}</Note>}
    </Sheet>
  );
}
