import { client, type ColdPlaceView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { degreesText } from '../../ui/heat';
import { PutOutOfUse } from './PutOutOfUse';
import { asSeen, retired, useEdit } from './useEdit';

type Kind = ColdPlaceView['kind'];
export const COLD_KINDS: Record<Kind, string> = {
  STILL_REFRIGERATOR: 'refrigerator, still air',
  FAN_REFRIGERATOR: 'refrigerator with a fan, walk-in',
  BLAST_CHILLER: 'blast chiller',
  FREEZER: 'freezer',
};
const OPTIONS = (Object.keys(COLD_KINDS) as Kind[]).map((value) => ({
  value,
  text: COLD_KINDS[value],
}));

interface Props {
  place: ColdPlaceView | undefined;
  units: Units;
  onClose: () => void;
}

const startOf = (place: ColdPlaceView | undefined, units: Units) => ({
  name: place?.name ?? '',
  kind: place?.kind ?? ('STILL_REFRIGERATOR' as Kind),
  text: place ? degreesText(place.celsius, units) : '',
});

/** A refrigerator, chiller or freezer with the temperature that its own thermometer shows. */
export function ColdPlaceForm({ place, units, onClose }: Props) {
  const start = startOf(place, units);
  const sheet = useEdit({ of: place, kind: 'cold place', start, onSaved: onClose });
  const { id, values, put, save, refused } = sheet;
  const { name, kind } = values;
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const write = async () => {
    if (read.value === undefined) return;
    const body = { id, name, kind, celsius: read.value };
    await save(() =>
      answered(
        place
          ? client.PUT('/api/cold-places', { body, ...asSeen(place) })
          : client.POST('/api/cold-places', { body }),
      ),
    );
  };
  const retire =
    place &&
    (() => save(() => answered(client.PUT('/api/cold-places/{id}/retired', retired(place)))));
  const other = units === 'US' ? 'METRIC' : 'US';
  return (
    <Sheet
      of={sheet}
      title={place ? `Change ${place.name}` : 'Add a cold place'}
      ready={name.trim() !== '' && read.value !== undefined}
      onAct={write}
      onClose={onClose}
      atField={read.fault ?? refused?.at('/name') ?? refused?.at('/celsius')}
      more={retire && <PutOutOfUse onAct={retire} />}
    >
      <SheetField of={sheet} name="name" label="What the cooks call it" pointer="/name" autoFocus />
      <Choices label="Kind" options={OPTIONS} chosen={kind} onChoose={(to) => put('kind', to)} />
      <SheetField
        of={sheet}
        name="text"
        label="Its thermometer shows"
        pointer="/celsius"
        read={read}
        understood={read.value === undefined ? '' : show.text(show.temperature(read.value, other))}
      />
    </Sheet>
  );
}
