import { useState } from 'react';
import { client, newId, type ColdPlaceView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

export const COLD_KINDS: Record<ColdPlaceView['kind'], string> = {
  STILL_REFRIGERATOR: 'refrigerator, still air',
  FAN_REFRIGERATOR: 'refrigerator with a fan, walk-in',
  BLAST_CHILLER: 'blast chiller',
  FREEZER: 'freezer',
};
const OPTIONS = (Object.keys(COLD_KINDS) as ColdPlaceView['kind'][]).map((value) => ({
  value,
  text: COLD_KINDS[value],
}));

/** A refrigerator, chiller or freezer with the temperature that its own thermometer shows. */
export function ColdPlaceForm({
  place,
  units,
  onClose,
}: {
  place: ColdPlaceView | undefined;
  units: Units;
  onClose: () => void;
}) {
  const [id] = useState(() => place?.id ?? newId());
  const [name, setName] = useState(place?.name ?? '');
  const [kind, setKind] = useState<ColdPlaceView['kind']>(place?.kind ?? 'STILL_REFRIGERATOR');
  const [text, setText] = useState(place ? show.text(show.temperature(place.celsius, units)) : '');
  const { problem, save } = useSave(onClose);
  const read = parseQuantity(text, 'TEMPERATURE', units === 'US' ? 'f' : 'c');
  const write = () => {
    if (read.outcome !== 'understood') return;
    const body = { id, name, kind, celsius: read.value };
    void save(() =>
      answered(
        place
          ? client.PUT('/api/cold-places', {
              body,
              params: { header: { 'If-Match': place.version } },
            })
          : client.POST('/api/cold-places', { body }),
      ),
    );
  };
  const retire =
    place &&
    (() =>
      void save(() =>
        answered(
          client.PUT('/api/cold-places/{id}/retired', {
            params: {
              path: { id },
              query: { retired: true },
              header: { 'If-Match': place.version },
            },
          }),
        ),
      ));
  return (
    <EditSheet
      title={place ? `Change ${place.name}` : 'Add a cold place'}
      ready={name.trim() !== '' && read.outcome === 'understood'}
      problem={problem}
      shownAtFields={Boolean(problem?.at('/name') ?? problem?.at('/celsius'))}
      onSave={write}
      onRetire={retire}
      onClose={onClose}
    >
      <QuantityField
        label="What the cooks call it"
        text={name}
        onText={setName}
        understood=""
        fault={problem?.at('/name')}
        numeric={false}
        autoFocus
      />
      <Choices label="Kind" options={OPTIONS} chosen={kind} onChoose={setKind} />
      <QuantityField
        label="Its thermometer shows"
        text={text}
        onText={setText}
        understood={
          read.outcome === 'understood'
            ? show.text(show.temperature(read.value, units === 'US' ? 'METRIC' : 'US'))
            : ''
        }
        fault={text && read.outcome !== 'understood' ? read.message : problem?.at('/celsius')}
        numeric={false}
      />
    </EditSheet>
  );
}
