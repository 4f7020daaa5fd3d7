import type { BatchView, KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, show, typed } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { TextArea } from '../../ui/fields';
import { useUndo } from '../../ui/undo';
import { useGo } from '../../ui/useGo';
import { useEntry } from './useEntry';

const START = { text: '', note: '' };

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
  const go = useGo();
  const offerBack = useUndo();
  const onWritten = (eventId: string) => {
    offerBack({
      words: `${batch.name} is off the heat.`,
      acts: [{ of: 'batches', id: batch.id, by: '/take-backs', eventId }],
      onBack: () => go(`/pots/${batch.id}`),
    });
    go('/logbook');
  };
  const sheet = useEntry({ batchId: batch.id, sheet: 'finish', start: START, onWritten });
  const { values, put, write, refused } = sheet;
  const read = typed(values.text, 'MASS', 'kg', measuresOf(kitchen));
  const fault = read.fault ?? refused?.at('/finalMassKilograms', read.entered);
  const understood =
    read.value === undefined
      ? 'not weighed'
      : show.text(show.mass(Math.max(0, read.value), kitchen.settings.units));
  const save = () =>
    write('/finishes', {
      enteredText: read.entered,
      note: values.note,
      ...(read.value === undefined ? {} : { finalMassKilograms: read.value }),
    });
  return (
    <Sheet
      of={sheet}
      title="Off the heat"
      act="Put it in the logbook"
      ready={!read.fault}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <QuantityField
        label="Sauce that came out"
        text={values.text}
        onText={(to) => put('text', to)}
        understood={understood}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <TextArea label="To remember" text={values.note} onText={(to) => put('note', to)} />
    </Sheet>
  );
}
