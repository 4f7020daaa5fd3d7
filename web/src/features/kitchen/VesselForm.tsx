import { useState } from 'react';
import { client, newId, type VesselView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show, type Units } from '../../quantities';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

const centimeters = (meters: number) => `${Math.round(meters * 10000) / 100} cm`;
const straight = (v: VesselView) => v.baseDiameterMeters === v.topDiameterMeters;
const FIELDS = { base: '/baseDiameterMeters', top: '/topDiameterMeters', depth: '/depthMeters', empty: '/emptyMassKilograms', name: '/name' } as const;
type Field = keyof typeof FIELDS;

/** A pot with its inside sizes. */
export function VesselForm({ vessel, units, onClose }: { vessel: VesselView | undefined; units: Units; onClose: () => void }) {
  const [id] = useState(() => vessel?.id ?? newId());
  const [form, setForm] = useState<Record<Field, string>>(() => vessel
    ? { name: vessel.name, base: vessel.baseDiameterText || centimeters(vessel.baseDiameterMeters), top: vessel.topDiameterText || (straight(vessel) ? '' : centimeters(vessel.topDiameterMeters)), depth: vessel.depthText || centimeters(vessel.depthMeters), empty: vessel.emptyMassText || (vessel.emptyMassKilograms > 0 ? `${vessel.emptyMassKilograms} kg` : '') }
    : { name: '', base: '', top: '', depth: '', empty: '' });
  const { problem, save } = useSave(onClose);
  const base = parseQuantity(form.base, 'LENGTH', 'cm');
  const top = form.top === '' ? base : parseQuantity(form.top, 'LENGTH', 'cm');
  const depth = parseQuantity(form.depth, 'LENGTH', 'cm');
  const empty = form.empty === '' ? { outcome: 'understood' as const, value: 0 } : parseQuantity(form.empty, 'MASS', 'kg');
  const read = { base, top, depth, empty };
  const fault = (f: Field) => {
    if (f === 'name') return problem?.at(FIELDS.name);
    const r = read[f];
    return form[f] && r.outcome !== 'understood' ? r.message : problem?.at(FIELDS[f]);
  };
  const field = (f: Field, label: string, understood: string) => <QuantityField label={label} text={form[f]} onText={(text) => setForm({ ...form, [f]: text })} understood={understood} fault={fault(f)} numeric={false} autoFocus={f === 'name'} />;
  const length = (r: typeof base) => (r.outcome === 'understood' ? show.text(show.depth(Math.max(0, r.value), units === 'US' ? 'METRIC' : 'US')) : '');
  const write = () => {
    if (base.outcome !== 'understood' || top.outcome !== 'understood' || depth.outcome !== 'understood' || empty.outcome !== 'understood') return;
    const body = { id, name: form.name, baseDiameterMeters: base.value, baseDiameterText: form.base, topDiameterMeters: top.value, topDiameterText: form.top, depthMeters: depth.value, depthText: form.depth, emptyMassKilograms: empty.value, emptyMassText: form.empty };
    void save(() => answered(vessel ? client.PUT('/api/vessels', { body, params: { header: { 'If-Match': vessel.version } } }) : client.POST('/api/vessels', { body })));
  };
  const retire = vessel && (() => void save(() => answered(client.PUT('/api/vessels/{id}/retired', { params: { path: { id }, query: { retired: true }, header: { 'If-Match': vessel.version } } }))));
  return (
    <EditSheet title={vessel ? `Change ${vessel.name}` : 'Add a pot'} ready={form.name.trim() !== '' && Object.values(read).every((r) => r.outcome === 'understood')} problem={problem} shownAtFields={(Object.keys(FIELDS) as Field[]).some((f) => problem?.at(FIELDS[f]))} onSave={write} onRetire={retire} onClose={onClose}>
      {field('name', 'What the cooks call it', '')}
      {field('base', 'Wide inside, at the bottom', length(base))}
      {field('top', 'Wide inside, at the rim', form.top === '' ? 'straight' : length(top))}
      {field('depth', 'Deep inside', length(depth))}
      {field('empty', 'Weighs empty', form.empty === '' ? 'never weighed' : '')}
    </EditSheet>
  );
}
