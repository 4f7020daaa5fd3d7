import type { BatchView, KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, show, typed } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { TextArea } from '../../ui/fields';
import { Text } from '../../ui/text';
import { useUndo } from '../../ui/undo';
import { useGo } from '../../ui/useGo';
import { AnotherDay } from './AnotherDay';
import { useEntry } from './useEntry';

/** What went in to be taken out again, and nobody has said that it is. */
function StillIn({ batch }: { batch: BatchView }) {
  const left = batch.forecast.steps.filter((s) => s.kind === 'TAKE_OUT' && !s.done);
  if (left.length === 0) return null;
  return (
    <Text tone="warn" strong>
      {left.map((s) => s.what).join('; ')}: nobody has said that it is out.
    </Text>
  );
}

const START = { text: '', note: '', stopped: '' };

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
  const stopped = values.stopped !== '';
  const fault = read.fault ?? refused?.at('/finalMassKilograms', read.entered);
  const understood =
    read.value === undefined
      ? 'not weighed'
      : show.text(show.mass(Math.max(0, read.value), kitchen.settings.units));
  const save = () =>
    write('/finishes', {
      enteredText: read.entered,
      note: values.note,
      ...(stopped ? { stopped } : {}),
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
      {!stopped && <StillIn batch={batch} />}
      <QuantityField
        label="Sauce that came out"
        text={values.text}
        onText={(to) => put('text', to)}
        understood={understood}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <AnotherDay
        batchId={batch.id}
        units={kitchen.settings.units}
        stopped={stopped}
        onChange={(to) => put('stopped', to ? 'yes' : '')}
      />
      <TextArea label="To remember" text={values.note} onText={(to) => put('note', to)} />
    </Sheet>
  );
}
