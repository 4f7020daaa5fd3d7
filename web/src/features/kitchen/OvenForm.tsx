import { useState } from 'react';
import { client, newId, type OvenView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

const POINTERS = {
  name: '/name',
  width: '/widthMeters',
  depth: '/depthMeters',
  height: '/heightMeters',
  hottest: '/hottestCelsius',
} as const;
const FAN = [
  { value: 'yes', text: 'has a fan' },
  { value: 'no', text: 'has none' },
] as const;
type Field = keyof typeof POINTERS;

const centimeters = (meters: number) => `${Math.round(meters * 10000) / 100} cm`;
const written = (o: OvenView): Record<Field, string> => ({
  name: o.name,
  width: o.widthText || centimeters(o.widthMeters),
  depth: o.depthText || centimeters(o.depthMeters),
  height: o.heightText || centimeters(o.heightMeters),
  hottest: `${o.hottestCelsius} °C`,
});

/** An oven with its inside sizes: whether a pot goes in is then known. */
export function OvenForm({
  oven,
  units,
  onClose,
}: {
  oven: OvenView | undefined;
  units: Units;
  onClose: () => void;
}) {
  const [id] = useState(() => oven?.id ?? newId());
  const [form, setForm] = useState<Record<Field, string>>(() =>
    oven ? written(oven) : { name: '', width: '', depth: '', height: '', hottest: '' },
  );
  const [fan, setFan] = useState<'yes' | 'no'>(oven?.fan === false ? 'no' : 'yes');
  const { problem, save } = useSave(onClose);
  const read = {
    width: parseQuantity(form.width, 'LENGTH', 'cm'),
    depth: parseQuantity(form.depth, 'LENGTH', 'cm'),
    height: parseQuantity(form.height, 'LENGTH', 'cm'),
    hottest: parseQuantity(form.hottest, 'TEMPERATURE', 'c'),
  };
  const field = (f: Field, label: string) => {
    const r = f === 'name' ? undefined : read[f];
    const fault = r && form[f] && r.outcome !== 'understood' ? r.message : problem?.at(POINTERS[f]);
    const understood =
      r?.outcome === 'understood' && f !== 'hottest'
        ? show.text(show.depth(Math.max(0, r.value), units === 'US' ? 'METRIC' : 'US'))
        : '';
    return (
      <QuantityField
        label={label}
        text={form[f]}
        onText={(text) => setForm({ ...form, [f]: text })}
        understood={understood}
        fault={fault}
        numeric={false}
        autoFocus={f === 'name'}
      />
    );
  };
  const write = () => {
    const { width, depth, height, hottest } = read;
    if (
      width.outcome !== 'understood' ||
      depth.outcome !== 'understood' ||
      height.outcome !== 'understood' ||
      hottest.outcome !== 'understood'
    )
      return;
    const body = {
      id,
      name: form.name,
      widthMeters: width.value,
      widthText: form.width,
      depthMeters: depth.value,
      depthText: form.depth,
      heightMeters: height.value,
      heightText: form.height,
      hottestCelsius: hottest.value,
      fan: fan === 'yes',
    };
    void save(() =>
      answered(
        oven
          ? client.PUT('/api/ovens', { body, params: { header: { 'If-Match': oven.version } } })
          : client.POST('/api/ovens', { body }),
      ),
    );
  };
  const retire =
    oven &&
    (() =>
      void save(() =>
        answered(
          client.PUT('/api/ovens/{id}/retired', {
            params: {
              path: { id },
              query: { retired: true },
              header: { 'If-Match': oven.version },
            },
          }),
        ),
      ));
  const ready =
    form.name.trim() !== '' && Object.values(read).every((r) => r.outcome === 'understood');
  return (
    <EditSheet
      title={oven ? `Change ${oven.name}` : 'Add an oven'}
      ready={ready}
      problem={problem}
      shownAtFields={(Object.keys(POINTERS) as Field[]).some((f) => problem?.at(POINTERS[f]))}
      onSave={write}
      onRetire={retire}
      onClose={onClose}
    >
      {field('name', 'What the cooks call it')}
      {field('width', 'Wide inside')}
      {field('depth', 'Deep inside, door to back')}
      {field('height', 'High inside, above the lowest shelf')}
      {field('hottest', 'Gets as hot as')}
      <Choices label="Fan" options={FAN} chosen={fan} onChoose={setFan} />
    </EditSheet>
  );
}
