import type { BatchView, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { measuresOf } from '../../api/kitchen';
import { useLots } from '../../api/lots';
import { QuantityField, show, typed } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { Text } from '../../ui/text';
import { Lifted } from './Lifted';
import { LineField, OtherField, tubKey } from './PouredFields';
import { TICK_MS } from '../../ui/along';
import { useEntry } from './useEntry';

const WHAT = [
  { value: 'line', text: 'of the formula' },
  { value: 'other', text: 'something else' },
  { value: 'out', text: 'ladled out' },
  { value: 'pieces', text: 'pieces taken out' },
] as const;

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}
interface Poured {
  what: (typeof WHAT)[number]['value'];
  line: number;
  other: string;
  text: string;
  lifted: string[];
}

const heaviest = (batch: BatchView): number =>
  batch.forecast.lines.toSorted((a, b) => b.dueKilograms - a.dueKilograms)[0]?.line ?? 0;

const startOf = (batch: BatchView): Poured => ({
  what: 'line',
  line: batch.forecast.lines.find((l) => l.later && !l.poured)?.line ?? heaviest(batch),
  other: 'water',
  text: '',
  lifted: batch.pieces.filter((p) => p.comesOut).map((p) => p.ingredientId),
});

/** What was typed, understood, and how it is written. */
function usePoured({ batch, kitchen, onClose }: Props) {
  const of = { batchId: batch.id, sheet: 'poured', onWritten: onClose };
  const sheet = useEntry<Poured>({ ...of, start: startOf(batch) });
  const { values, write } = sheet;
  const { what, text, lifted } = values;
  const { data: lots = [] } = useLots(what === 'other');
  const tub = lots.find((l) => tubKey(l.id) === values.other);
  const read = typed(text, 'MASS', what === 'line' ? 'g' : 'kg', measuresOf(kitchen));
  const save = async () => {
    if (what === 'pieces') return write('/take-outs', { ingredientIds: lifted });
    if (read.value === undefined) return undefined;
    const amount = { massKilograms: read.value, enteredText: read.entered };
    if (what === 'line') return write('/pours', { line: values.line, ...amount });
    if (what === 'out') return write('/ladlings', amount);
    if (tub) {
      const use = {
        batchId: batch.id,
        dish: '',
        massKilograms: read.value,
        massText: read.entered,
      };
      return write('/uses', use, tub.id);
    }
    return write('/additions', { ingredientId: values.other, temperatureCelsius: 20, ...amount });
  };
  const ready = what === 'pieces' ? lifted.length > 0 : read.value !== undefined;
  return { sheet, read, ready, save, lots: lots.filter((l) => l.daysLeft > 0) };
}

/** As poured: what really went in, of the formula or besides it, or came out. */
export function AddSheet(props: Props) {
  const { batch, kitchen, onClose } = props;
  const { sheet, read, ready, save, lots } = usePoured(props);
  const { values, put, refused } = sheet;
  const { what } = values;
  const { units } = kitchen.settings;
  const fault = read.fault ?? refused?.at('/massKilograms', read.entered);
  const chosen = batch.forecast.lines.find((l) => l.line === values.line);
  const instead = what === 'line' && chosen && !chosen.later ? chosen.dueKilograms : 0;
  const goesIn = what === 'line' || what === 'other';
  return (
    <Sheet
      of={sheet}
      title="Into the pot, as poured"
      ready={ready}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <Choices label="What" options={WHAT} chosen={what} onChoose={(to) => put('what', to)} />
      {what === 'line' && (
        <LineField
          batch={batch}
          kitchen={kitchen}
          line={values.line}
          onLine={(l) => put('line', l)}
        />
      )}
      {what === 'other' && (
        <OtherField
          lots={lots}
          kitchen={kitchen}
          other={values.other}
          onOther={(to) => put('other', to)}
        />
      )}
      {what === 'pieces' ? (
        <Lifted pieces={batch.pieces} lifted={values.lifted} onLifted={(to) => put('lifted', to)} />
      ) : (
        <QuantityField
          label={what === 'out' ? 'Came out' : 'Went in, all of it'}
          text={values.text}
          onText={(to) => put('text', to)}
          understood={
            read.value === undefined
              ? ownMeasures(kitchen)
              : show.text(show.mass(Math.max(0, read.value), units))
          }
          fault={fault}
          numeric={false}
          autoFocus
        />
      )}
      {instead > 0 && (
        <Text tone="muted">
          In place of {show.text(show.mass(instead, units))}. What follows is rescaled with it.
        </Text>
      )}
      {goesIn && read.value !== undefined && (
        <Running batch={batch} kitchen={kitchen} more={read.value - instead} />
      )}
    </Sheet>
  );
}

/** Measures of this kitchen that can be typed here. */
const ownMeasures = (kitchen: KitchenView): string =>
  kitchen.measures[0] ? `or by the ${kitchen.measures.map((m) => m.name).join(', ')}` : '';

interface RunningProps {
  batch: BatchView;
  kitchen: KitchenView;
  more: number;
}
/** Weight that the scale would show with the pot on it, where the pot was weighed empty. */
function Running({ batch, kitchen, more }: RunningProps) {
  const now = useNow(TICK_MS);
  const empty = batch.pot.vessel.emptyMassKilograms;
  if (empty <= 0) return null;
  const here =
    batch.forecast.likely.findLast((c) => new Date(c.at).getTime() <= now) ??
    batch.forecast.likely[0];
  const total = empty + (here?.massKilograms ?? 0) + more;
  return (
    <Text tone="muted">
      With the pot on it the scale would then show about{' '}
      {show.text(show.mass(total, kitchen.settings.units))}.
    </Text>
  );
}
