import type { BatchView, KitchenView } from '../../api/client';
import { QuantityField, show, typed, type Units } from '../../quantities';
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
interface Reading {
  kind: ReadingKind;
  text: string;
  on: (typeof ON_THE_SCALE)[number]['value'];
}

/** A reading in three taps. What was typed stays when it is refused. */
export function ReadingSheet({ kind: first, batch, kitchen, onClose }: Props) {
  const { vessel } = batch.pot;
  const weighed = vessel.emptyMassKilograms > 0;
  const start: Reading = { kind: first, text: '', on: weighed ? 'pot' : 'sauce' };
  const sheet = useEntry({
    batchId: batch.id,
    sheet: `reading ${first}`,
    start,
    onWritten: onClose,
  });
  const { values, put, write, refused } = sheet;
  const { units } = kitchen.settings;
  const { label, own, field, kind: quantity } = READINGS[values.kind];
  const withPot = values.kind === 'WEIGHING' && values.on === 'pot';
  const read = typed(values.text, quantity, own);
  const fault = read.fault ?? refused?.at(`/${field}`, read.entered);
  const save = () =>
    write('/readings', {
      enteredText: read.entered,
      source: 'TYPED',
      [field]: read.value,
      ...(withPot ? { tareVesselId: vessel.id } : {}),
    });
  return (
    <Sheet
      of={sheet}
      title="Read the pot"
      ready={read.value !== undefined}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <Choices
        label="How"
        options={KINDS}
        chosen={values.kind}
        onChoose={(to) => put('kind', to)}
      />
      <QuantityField
        label={label}
        text={values.text}
        onText={(to) => put('text', to)}
        understood={
          read.value === undefined
            ? ''
            : understood(values.kind, read.value - (withPot ? vessel.emptyMassKilograms : 0), units)
        }
        fault={fault}
        numeric={false}
        autoFocus
      />
      {values.kind === 'WEIGHING' && weighed && (
        <Choices
          label={`On the scale, the empty pot weighs ${show.text(show.mass(vessel.emptyMassKilograms, units))}`}
          options={ON_THE_SCALE}
          chosen={values.on}
          onChoose={(to) => put('on', to)}
        />
      )}
      {withPot && (
        <Note>
          A full pot is heavy and hot. If it is too much for one person, dip or take a plate test
          instead.
        </Note>
      )}
      {values.kind === 'PLATE' && (
        <Note>
          Wait half a minute, then measure across. A ring of water means that it is not bound yet.
        </Note>
      )}
    </Sheet>
  );
}

/** What was read, as it will be written. */
function understood(kind: ReadingKind, value: number, units: Units): string {
  if (kind === 'WEIGHING') return `${show.text(show.mass(Math.max(0, value), units))} in the pot`;
  if (kind === 'PROBE') return show.text(show.temperature(value, units));
  return kind === 'BRIX'
    ? `${show.fixed(value * 100, 1)} °Brix`
    : show.text(show.depth(Math.max(0, value), units));
}
