import { useBatches } from '../../api/batches';
import type { KitchenView, LotView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, show, typed } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Pick, TextLine } from '../../ui/fields';
import { longTime } from './lotWords';
import { useLotEntry } from './useLotEntry';

interface Props {
  lot: LotView;
  kitchen: KitchenView;
  onClose: () => void;
}

const places = (kitchen: KitchenView) =>
  kitchen.coldPlaces.map(
    (p) =>
      [
        p.id,
        `${p.name}, ${show.text(show.temperature(p.celsius, kitchen.settings.units, 0))}`,
      ] as const,
  );

/** Some of it for a dish; one tub unless another amount is said. */
export function UseSheet({ lot, kitchen, onClose }: Props) {
  const { units } = kitchen.settings;
  const oneTub = show.text(show.mass(Math.min(lot.eachKilograms, lot.massKilograms), units));
  const start = { text: oneTub, dish: '', pot: '' };
  const sheet = useLotEntry({ lotId: lot.id, sheet: 'use', start, onWritten: onClose });
  const { values, put, write, refused } = sheet;
  const { data: pots = [] } = useBatches();
  const read = typed(values.text, 'MASS', 'kg', measuresOf(kitchen));
  const fault = read.fault ?? refused?.at('/massKilograms', read.entered);
  const save = async () =>
    read.value !== undefined &&
    write('/uses', {
      massKilograms: read.value,
      massText: read.entered,
      dish: values.pot ? '' : values.dish,
      ...(values.pot ? { batchId: values.pot } : {}),
    });
  return (
    <Sheet
      of={sheet}
      title={`Use some of ${lot.name}`}
      act="It is used"
      ready={read.value !== undefined && (values.pot !== '' || values.dish.trim() !== '')}
      onAct={save}
      onClose={onClose}
      atField={fault ?? refused?.at('/dish')}
    >
      <QuantityField
        label="How much"
        text={values.text}
        onText={(to) => put('text', to)}
        understood={`${show.text(show.mass(lot.massKilograms, units))} are there`}
        fault={fault}
        numeric={false}
        autoFocus
      />
      {pots.length > 0 && (
        <Pick
          label="Into"
          value={values.pot}
          options={[
            ['', 'a dish'] as const,
            ...pots.map((b) => [b.id, `the pot of ${b.name}`] as const),
          ]}
          onPick={(to) => put('pot', to)}
        />
      )}
      {values.pot === '' && (
        <TextLine
          label="For what dish"
          text={values.dish}
          onText={(to) => put('dish', to)}
          fault={refused?.at('/dish')}
          note="so that it can be traced"
        />
      )}
    </Sheet>
  );
}

/** Into the freezer it freezes, out of it it thaws. */
export function MoveSheet({ lot, kitchen, onClose }: Props) {
  const others = places(kitchen).filter(([id]) => id !== lot.placeId);
  const start = { placeId: others[0]?.[0] ?? '' };
  const sheet = useLotEntry({ lotId: lot.id, sheet: 'move', start, onWritten: onClose });
  const { values, put, write } = sheet;
  const { placeId } = values;
  const freezer = kitchen.coldPlaces.find((p) => p.id === placeId)?.kind === 'FREEZER';
  return (
    <Sheet
      of={sheet}
      title={`Move ${lot.name}`}
      act="It is there"
      ready={placeId !== ''}
      onAct={() => write('/moves', { placeId })}
      onClose={onClose}
    >
      <Pick label="To" value={placeId} options={others} onPick={(to) => put('placeId', to)} />
      {freezer && lot.state === 'CHILLED' && (
        <Note>From now on its days do not count. Thawed it is not frozen again.</Note>
      )}
      {!freezer && lot.state === 'FROZEN' && (
        <Note>
          It thaws through in about {longTime(lot.thawingSeconds)}, and its {lot.daysLeft} days run
          from today.
        </Note>
      )}
    </Sheet>
  );
}

/** Two lots with the same dates. */
export function SplitSheet({ lot, kitchen, onClose }: Props) {
  const start = { text: '', placeId: lot.placeId };
  const sheet = useLotEntry({ lotId: lot.id, sheet: 'split', start, onWritten: onClose });
  const { values, put, write, refused } = sheet;
  const { text, placeId } = values;
  const read = typed(text, 'MASS', 'kg', measuresOf(kitchen));
  const fault = read.fault ?? refused?.at('/massKilograms', read.entered);
  const save = async () =>
    read.value !== undefined &&
    write('/splits', { massKilograms: read.value, massText: read.entered, placeId });
  return (
    <Sheet
      of={sheet}
      title={`Part ${lot.name} in two`}
      act="It is parted"
      ready={read.value !== undefined}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <QuantityField
        label="Goes into a lot of its own"
        text={text}
        onText={(to) => put('text', to)}
        understood={`of ${show.text(show.mass(lot.massKilograms, kitchen.settings.units))}`}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <Pick
        label="Where that stands"
        value={placeId}
        options={places(kitchen)}
        onPick={(to) => put('placeId', to)}
      />
    </Sheet>
  );
}

/** What is thrown away needs its reason. */
export function DiscardSheet({ lot, onClose }: Omit<Props, 'kitchen'>) {
  const start = { reason: lot.daysLeft <= 0 ? 'past its date' : '' };
  const sheet = useLotEntry({ lotId: lot.id, sheet: 'discard', start, onWritten: onClose });
  const { values, put, write, refused } = sheet;
  const fault = refused?.at('/reason');
  return (
    <Sheet
      of={sheet}
      title={`Throw ${lot.name} away`}
      act="It is thrown away"
      ready={values.reason.trim() !== ''}
      onAct={() => write('/discards', { reason: values.reason })}
      onClose={onClose}
      atField={fault}
    >
      <TextLine label="Why" text={values.reason} onText={(to) => put('reason', to)} fault={fault} />
    </Sheet>
  );
}
