import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { client, type KitchenEdit, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Figure } from '../../ui/Figure';
import { Note } from '../../ui/Note';
import { useSave } from './useSave';

const UNITS = [{ value: 'METRIC', text: 'metric first' }, { value: 'US', text: 'US first' }] as const;

/** Where the kitchen stands and how it measures. */
export function SettingsForm({ kitchen }: { kitchen: KitchenView }) {
  const { settings } = kitchen;
  const [form, setForm] = useState({ name: settings.name, altitude: settings.altitudeText || `${settings.altitudeMeters} m`, scale: settings.scaleErrorText || `${settings.scaleErrorKilograms * 1000} g`, dip: settings.dipErrorText || `${settings.dipErrorMeters * 1000} mm`, zone: settings.zone, units: settings.units });
  const [saved, setSaved] = useState(false);
  const { problem, save } = useSave(() => setSaved(true));
  const change = (to: Partial<typeof form>) => { setSaved(false); setForm({ ...form, ...to }); };
  const altitude = parseQuantity(form.altitude, 'LENGTH', 'm');
  const scale = parseQuantity(form.scale, 'MASS', 'g');
  const dip = parseQuantity(form.dip, 'LENGTH', 'mm');
  const fault = (r: typeof altitude, pointer: string) => (r.outcome === 'understood' ? problem?.at(pointer) : r.message);
  const write = () => {
    if (altitude.outcome !== 'understood' || scale.outcome !== 'understood' || dip.outcome !== 'understood') return;
    const body: KitchenEdit = { name: form.name, altitudeMeters: altitude.value, altitudeText: form.altitude, roomCelsius: settings.roomCelsius, relativeHumidity: settings.relativeHumidity, zone: form.zone, currency: settings.currency, units: form.units, pint: settings.pint, scaleErrorKilograms: scale.value, scaleErrorText: form.scale, dipErrorMeters: dip.value, dipErrorText: form.dip };
    void save(() => answered(client.PUT('/api/kitchen', { body, params: { header: { 'If-Match': settings.version } } })));
  };
  return (
    <Box component="form" aria-label="Settings of the kitchen" onSubmit={(e) => { e.preventDefault(); write(); }} sx={{ display: 'flex', flexDirection: 'column', gap: 1.35 }}>
      <Typography variant="h2">Where it stands</Typography>
      <QuantityField label="Name" text={form.name} onText={(name) => change({ name })} understood="" fault={problem?.at('/name')} numeric={false} />
      <QuantityField label="Altitude" text={form.altitude} onText={(text) => change({ altitude: text })} fault={fault(altitude, '/altitudeMeters')} numeric={false} understood="above the sea" />
      <Figure label="Water boils at" shown={show.temperature(kitchen.boilingPointCelsius, settings.units)} working={kitchen.workings.find((w) => w.figure === 'boilingPoint')} />
      <QuantityField label="Time zone" text={form.zone} onText={(zone) => change({ zone })} understood={`it is ${show.hour(kitchen.now, settings.zone)}`} fault={problem?.at('/zone')} numeric={false} />
      <Typography variant="h2">How it measures</Typography>
      <QuantityField label="The scale is right to" text={form.scale} onText={(text) => change({ scale: text })} understood="" fault={fault(scale, '/scaleErrorKilograms')} numeric={false} />
      <QuantityField label="The dip-stick is right to" text={form.dip} onText={(text) => change({ dip: text })} understood="" fault={fault(dip, '/dipErrorMeters')} numeric={false} />
      <Choices label="Quantities shown" options={UNITS} chosen={form.units} onChoose={(units) => change({ units })} />
      {problem && problem.problem.status === 409 && <Note tone="tomato">{problem.summary}</Note>}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Button type="submit" variant="contained">Save</Button>
        {saved && <Typography role="status">Saved.</Typography>}
      </Box>
    </Box>
  );
}
