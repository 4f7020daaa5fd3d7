import { useState } from 'react';
import type { BatchView, KitchenView } from '../../api/client';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';
import { READINGS, type ReadingKind } from './readings';

const ON_THE_SCALE = [
  { value: 'pot', text: 'pot and sauce' },
  { value: 'sauce', text: 'sauce alone' },
] as const;
const KINDS = (Object.keys(READINGS) as ReadingKind[]).map((value) => ({
  value,
  text: READINGS[value].word,
}));

interface Props {
  kind: ReadingKind;
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}

/** A reading in three taps. What was typed stays when it is refused. */
export function ReadingSheet({ kind: first, batch, kitchen, onClose }: Props) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(batch.id, onClose);
  const [kind, setKind] = useState(first);
  const [text, setText] = useState('');
  const { vessel } = batch.pot;
  const [on, setOn] = useState<'pot' | 'sauce'>(vessel.emptyMassKilograms > 0 ? 'pot' : 'sauce');
  const { units } = kitchen.settings;
  const { label, own, field, kind: quantity } = READINGS[kind];
  const weigh = kind === 'WEIGHING';
  const read = parseQuantity(text, quantity, own);
  const tare = weigh && on === 'pot' ? vessel.emptyMassKilograms : 0;
  const withPot = weigh && on === 'pot' ? { tareVesselId: vessel.id } : {};
  const ready = read.outcome === 'understood' && hourUnderstood;
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at(`/${field}`);
  const understood = () => {
    if (read.outcome !== 'understood') return '';
    if (weigh) return `${show.text(show.mass(Math.max(0, read.value - tare), units))} in the pot`;
    if (kind === 'PROBE') return show.text(show.temperature(read.value, units));
    return kind === 'BRIX'
      ? `${(read.value * 100).toFixed(1)} °Brix`
      : show.text(show.depth(Math.max(0, read.value), units));
  };
  const save = () =>
    read.outcome === 'understood'
      ? write('/readings', { enteredText: text, source: 'TYPED', [field]: read.value, ...withPot })
      : undefined;
  return (
    <Sheet
      title="Read the pot"
      act="Save"
      ready={ready}
      onAct={() => void save()}
      onClose={onClose}
    >
      <Choices label="How" options={KINDS} chosen={kind} onChoose={edit(setKind)} />
      <QuantityField
        label={label}
        text={text}
        onText={edit(setText)}
        understood={understood()}
        fault={fault}
        numeric={false}
        autoFocus
      />
      {weigh && vessel.emptyMassKilograms > 0 && (
        <Choices
          label={`On the scale, the empty pot weighs ${show.text(show.mass(vessel.emptyMassKilograms, units))}`}
          options={ON_THE_SCALE}
          chosen={on}
          onChoose={edit(setOn)}
        />
      )}
      {hour}
      {weigh && on === 'pot' && (
        <Note>
          A full pot is heavy and hot. If it is too much for one person, dip or take a plate test
          instead.
        </Note>
      )}
      {kind === 'PLATE' && (
        <Note>
          Wait half a minute, then measure across. A ring of water means that it is not bound yet.
        </Note>
      )}
      {elsewhere(fault)}
    </Sheet>
  );
}
