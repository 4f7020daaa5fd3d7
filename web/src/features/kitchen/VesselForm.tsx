import { useState } from 'react';
import { client, newId, type VesselEdit, type VesselView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

const centimeters = (meters: number) => `${Math.round(meters * 10000) / 100} cm`;
const straight = (v: VesselView) =>
  v.shape === 'ROUND' && v.firstWidthMeters === v.secondWidthMeters;
const FIELDS = {
  base: '/firstWidthMeters',
  top: '/secondWidthMeters',
  depth: '/depthMeters',
  empty: '/emptyMassKilograms',
  oven: '/ovenLimitCelsius',
  name: '/name',
} as const;
const SHAPES = [
  { value: 'ROUND', text: 'round' },
  { value: 'RECTANGULAR', text: 'rectangular' },
] as const;
const METALS: readonly { value: VesselEdit['metal']; text: string }[] = [
  { value: 'STAINLESS_STEEL', text: 'steel' },
  { value: 'ENAMELLED_IRON', text: 'enamel' },
  { value: 'LINED_COPPER', text: 'lined copper' },
  { value: 'COATED_ALUMINIUM', text: 'coated aluminium' },
  { value: 'GLASS_OR_CLAY', text: 'glass or clay' },
  { value: 'BARE_ALUMINIUM', text: 'bare aluminium' },
  { value: 'BARE_COPPER', text: 'bare copper' },
  { value: 'BARE_IRON', text: 'bare iron' },
];
const LID = [
  { value: 'yes', text: 'has a lid' },
  { value: 'no', text: 'has none' },
] as const;
type Field = keyof typeof FIELDS;

/** A pot with its inside sizes. */
export function VesselForm({
  vessel,
  units,
  onClose,
}: {
  vessel: VesselView | undefined;
  units: Units;
  onClose: () => void;
}) {
  const [id] = useState(() => vessel?.id ?? newId());
  const [form, setForm] = useState<Record<Field, string>>(() =>
    vessel
      ? {
          name: vessel.name,
          base: vessel.firstWidthText || centimeters(vessel.firstWidthMeters),
          top:
            vessel.secondWidthText ||
            (straight(vessel) ? '' : centimeters(vessel.secondWidthMeters)),
          depth: vessel.depthText || centimeters(vessel.depthMeters),
          empty:
            vessel.emptyMassText ||
            (vessel.emptyMassKilograms > 0 ? `${vessel.emptyMassKilograms} kg` : ''),
          oven: vessel.ovenLimitCelsius ? `${vessel.ovenLimitCelsius} °C` : '',
        }
      : { name: '', base: '', top: '', depth: '', empty: '', oven: '' },
  );
  const [shape, setShape] = useState<VesselEdit['shape']>(vessel?.shape ?? 'ROUND');
  const [metal, setMetal] = useState<VesselEdit['metal']>(vessel?.metal ?? 'STAINLESS_STEEL');
  const [lid, setLid] = useState<'yes' | 'no'>(vessel?.lid === false ? 'no' : 'yes');
  const { problem, save } = useSave(onClose);
  const base = parseQuantity(form.base, 'LENGTH', 'cm');
  const top = form.top === '' ? base : parseQuantity(form.top, 'LENGTH', 'cm');
  const depth = parseQuantity(form.depth, 'LENGTH', 'cm');
  const empty =
    form.empty === ''
      ? { outcome: 'understood' as const, value: 0 }
      : parseQuantity(form.empty, 'MASS', 'kg');
  const oven =
    form.oven === ''
      ? { outcome: 'understood' as const, value: undefined }
      : parseQuantity(form.oven, 'TEMPERATURE', 'c');
  const read = { base, top, depth, empty, oven };
  const round = shape === 'ROUND';
  const fault = (f: Field) => {
    if (f === 'name') return problem?.at(FIELDS.name);
    const r = read[f];
    return form[f] && r.outcome !== 'understood' ? r.message : problem?.at(FIELDS[f]);
  };
  const field = (f: Field, label: string, understood: string) => (
    <QuantityField
      label={label}
      text={form[f]}
      onText={(text) => setForm({ ...form, [f]: text })}
      understood={understood}
      fault={fault(f)}
      numeric={false}
      autoFocus={f === 'name'}
    />
  );
  const length = (r: typeof base) =>
    r.outcome === 'understood'
      ? show.text(show.depth(Math.max(0, r.value), units === 'US' ? 'METRIC' : 'US'))
      : '';
  const write = () => {
    if (
      base.outcome !== 'understood' ||
      top.outcome !== 'understood' ||
      depth.outcome !== 'understood' ||
      empty.outcome !== 'understood' ||
      oven.outcome !== 'understood'
    )
      return;
    const body: VesselEdit = {
      id,
      name: form.name,
      shape,
      firstWidthMeters: base.value,
      firstWidthText: form.base,
      secondWidthMeters: top.value,
      secondWidthText: form.top,
      depthMeters: depth.value,
      depthText: form.depth,
      emptyMassKilograms: empty.value,
      emptyMassText: form.empty,
      metal,
      lid: lid === 'yes',
      ...(oven.value === undefined ? {} : { ovenLimitCelsius: oven.value }),
    };
    void save(() =>
      answered(
        vessel
          ? client.PUT('/api/vessels', { body, params: { header: { 'If-Match': vessel.version } } })
          : client.POST('/api/vessels', { body }),
      ),
    );
  };
  const retire =
    vessel &&
    (() =>
      void save(() =>
        answered(
          client.PUT('/api/vessels/{id}/retired', {
            params: {
              path: { id },
              query: { retired: true },
              header: { 'If-Match': vessel.version },
            },
          }),
        ),
      ));
  return (
    <EditSheet
      title={vessel ? `Change ${vessel.name}` : 'Add a pot'}
      ready={
        form.name.trim() !== '' && Object.values(read).every((r) => r.outcome === 'understood')
      }
      problem={problem}
      shownAtFields={(Object.keys(FIELDS) as Field[]).some((f) => problem?.at(FIELDS[f]))}
      onSave={write}
      onRetire={retire}
      onClose={onClose}
    >
      {field('name', 'What the cooks call it', '')}
      <Choices label="Shape" options={SHAPES} chosen={shape} onChoose={setShape} />
      {field('base', round ? 'Wide inside, at the bottom' : 'Long inside', length(base))}
      {field(
        'top',
        round ? 'Wide inside, at the rim' : 'Wide inside',
        form.top === '' ? (round ? 'straight' : 'square') : length(top),
      )}
      {field('depth', 'Deep inside', length(depth))}
      {field('empty', 'Weighs empty', form.empty === '' ? 'never weighed' : '')}
      <Choices label="Made of, inside" options={METALS} chosen={metal} onChoose={setMetal} />
      <Choices label="Lid" options={LID} chosen={lid} onChoose={setLid} />
      {field('oven', 'Hottest oven it bears', form.oven === '' ? 'not for the oven' : '')}
    </EditSheet>
  );
}
