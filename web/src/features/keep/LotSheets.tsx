import { kitchenNow } from '../../api/clock';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type KitchenView, type LotView } from '../../api/client';
import { useBatches } from '../../api/batches';
import { measuresOf } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { parseQuantity, QuantityField, show } from '../../quantities';
import { Pick, TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
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
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useLotEntry(lot.id, onClose);
  const { units } = kitchen.settings;
  const [text, setText] = useState(() =>
    show.text(show.mass(Math.min(lot.eachKilograms, lot.massKilograms), units)),
  );
  const [dish, setDish] = useState('');
  const [pot, setPot] = useState('');
  const { data: pots = [] } = useBatches();
  const read = parseQuantity(text, 'MASS', 'kg', measuresOf(kitchen));
  const fault =
    text && read.outcome !== 'understood' ? read.message : refused?.at('/massKilograms');
  const save = () =>
    read.outcome === 'understood'
      ? write('/uses', {
          massKilograms: read.value,
          massText: text,
          dish: pot ? '' : dish,
          ...(pot ? { batchId: pot } : {}),
        })
      : undefined;
  return (
    <Sheet
      title={`Use some of ${lot.name}`}
      act="It is used"
      ready={read.outcome === 'understood' && (pot !== '' || dish.trim() !== '') && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <QuantityField
        label="How much"
        text={text}
        onText={edit(setText)}
        understood={`${show.text(show.mass(lot.massKilograms, units))} are there`}
        fault={fault}
        numeric={false}
        autoFocus
      />
      {pots.length > 0 && (
        <Pick
          label="Into"
          value={pot}
          options={[
            ['', 'a dish'] as const,
            ...pots.map((b) => [b.id, `the pot of ${b.name}`] as const),
          ]}
          onPick={edit(setPot)}
        />
      )}
      {pot === '' && (
        <TextLine
          label="For what dish"
          text={dish}
          onText={edit(setDish)}
          fault={refused?.at('/dish')}
          note="so that it can be traced"
        />
      )}
      {hour}
      {elsewhere(fault ?? refused?.at('/dish'))}
    </Sheet>
  );
}

/** Into the freezer it freezes, out of it it thaws. */
export function MoveSheet({ lot, kitchen, onClose }: Props) {
  const { edit, write, hour, hourUnderstood, elsewhere } = useLotEntry(lot.id, onClose);
  const others = kitchen.coldPlaces.filter((p) => p.id !== lot.placeId);
  const [placeId, setPlaceId] = useState(others[0]?.id ?? '');
  const freezer = kitchen.coldPlaces.find((p) => p.id === placeId)?.kind === 'FREEZER';
  return (
    <Sheet
      title={`Move ${lot.name}`}
      act="It is there"
      ready={placeId !== '' && hourUnderstood}
      onAct={() => void write('/moves', { placeId })}
      onClose={onClose}
    >
      <Pick
        label="To"
        value={placeId}
        options={places(kitchen).filter(([id]) => id !== lot.placeId)}
        onPick={edit(setPlaceId)}
      />
      {freezer && lot.state === 'CHILLED' && (
        <Note>From now on its days do not count. Thawed it is not frozen again.</Note>
      )}
      {!freezer && lot.state === 'FROZEN' && (
        <Note>
          It thaws through in about {longTime(lot.thawingSeconds)}, and its {lot.daysLeft} days run
          from today.
        </Note>
      )}
      {hour}
      {elsewhere(undefined)}
    </Sheet>
  );
}

/** Two lots with the same dates. */
export function SplitSheet({ lot, kitchen, onClose }: Props) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useLotEntry(lot.id, onClose);
  const { units } = kitchen.settings;
  const [text, setText] = useState('');
  const [placeId, setPlaceId] = useState(lot.placeId);
  const read = parseQuantity(text, 'MASS', 'kg', measuresOf(kitchen));
  const fault =
    text && read.outcome !== 'understood' ? read.message : refused?.at('/massKilograms');
  const save = () =>
    read.outcome === 'understood'
      ? write('/splits', { massKilograms: read.value, massText: text, placeId })
      : undefined;
  return (
    <Sheet
      title={`Part ${lot.name} in two`}
      act="It is parted"
      ready={read.outcome === 'understood' && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <QuantityField
        label="Goes into a lot of its own"
        text={text}
        onText={edit(setText)}
        understood={`of ${show.text(show.mass(lot.massKilograms, units))}`}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <Pick
        label="Where that stands"
        value={placeId}
        options={places(kitchen)}
        onPick={edit(setPlaceId)}
      />
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}

/** What is thrown away needs its reason. */
export function DiscardSheet({ lot, onClose }: Omit<Props, 'kitchen'>) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useLotEntry(lot.id, onClose);
  const [reason, setReason] = useState(lot.daysLeft <= 0 ? 'past its date' : '');
  return (
    <Sheet
      title={`Throw ${lot.name} away`}
      act="It is thrown away"
      ready={reason.trim() !== '' && hourUnderstood}
      onAct={() => void write('/discards', { reason })}
      onClose={onClose}
    >
      <TextLine label="Why" text={reason} onText={edit(setReason)} fault={refused?.at('/reason')} />
      {hour}
      {elsewhere(refused?.at('/reason'))}
    </Sheet>
  );
}

const DAYS = 14;
const DAY_MS = 86_400_000;

/** A day on which it is wanted thawed, at noon: it is then said when it must be moved. */
export function WantSheet({ lot, kitchen, onClose }: Props) {
  const queries = useQueryClient();
  const { zone } = kitchen.settings;
  const noon = (days: number) =>
    new Date(new Date(kitchenNow()).setUTCHours(11, 0, 0, 0) + days * DAY_MS).toISOString();
  const options = [
    ['', 'not planned'] as const,
    ...Array.from({ length: DAYS }, (_, i) => [noon(i + 1), show.day(noon(i + 1), zone)] as const),
  ];
  const [at, setAt] = useState(noon(2));
  const save = async () => {
    await answered(
      client.PUT('/api/lots/{id}/wanted', {
        params: { path: { id: lot.id } },
        body: at ? { at } : {},
      }),
    );
    await queries.invalidateQueries({ queryKey: ['lots'] });
    onClose();
  };
  return (
    <Sheet
      title={`When is ${lot.name} wanted`}
      act="Plan it"
      ready
      onAct={() => void save()}
      onClose={onClose}
    >
      <Pick label="Thawed by noon of" value={at} options={options} onPick={setAt} />
      <Note>It thaws through in about {longTime(lot.thawingSeconds)} in the refrigerator.</Note>
    </Sheet>
  );
}
