import { useNow } from '../../api/clock';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { client, type KitchenEdit, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Figure } from '../../ui/Figure';
import { Note } from '../../ui/Note';
import { useSave } from './useSave';

const UNITS = [
  { value: 'METRIC', text: 'metric first' },
  { value: 'US', text: 'US first' },
] as const;

/** Measured settings: how each is read, and what it is called. */
const MEASURED = {
  altitudeMeters: { kind: 'LENGTH', own: 'm', times: 1, label: 'Altitude', text: 'altitudeText' },
  roomCelsius: {
    kind: 'TEMPERATURE',
    own: 'c',
    times: 1,
    label: 'The room is at',
    text: undefined,
  },
  relativeHumidity: {
    kind: 'SHARE',
    own: '%',
    times: 100,
    label: 'Its air is damp to',
    text: undefined,
  },
  scaleErrorKilograms: {
    kind: 'MASS',
    own: 'g',
    times: 1000,
    label: 'The scale',
    text: 'scaleErrorText',
  },
  dipErrorMeters: {
    kind: 'LENGTH',
    own: 'mm',
    times: 1000,
    label: 'The dip-stick',
    text: 'dipErrorText',
  },
  plateErrorMeters: {
    kind: 'LENGTH',
    own: 'mm',
    times: 1000,
    label: 'The plate test',
    text: undefined,
  },
  probeErrorKelvins: { kind: 'COUNT', own: '', times: 1, label: 'The probe, K', text: undefined },
  brixErrorFraction: {
    kind: 'SHARE',
    own: '%',
    times: 100,
    label: 'The refractometer',
    text: undefined,
  },
  brothyBelowFraction: { kind: 'SHARE', own: '%', times: 100, label: 'brothy', text: undefined },
  looseBelowFraction: { kind: 'SHARE', own: '%', times: 100, label: 'loose', text: undefined },
  coatingBelowFraction: { kind: 'SHARE', own: '%', times: 100, label: 'coating', text: undefined },
  tightBelowFraction: { kind: 'SHARE', own: '%', times: 100, label: 'tight', text: undefined },
  veryTightBelowFraction: {
    kind: 'SHARE',
    own: '%',
    times: 100,
    label: 'very tight',
    text: undefined,
  },
} as const;
type Measured = keyof typeof MEASURED;
const WORDS: Record<string, string> = { m: ' m', c: ' °C', '%': ' %', g: ' g', mm: ' mm' };
const ERRORS: Measured[] = [
  'scaleErrorKilograms',
  'dipErrorMeters',
  'plateErrorMeters',
  'probeErrorKelvins',
  'brixErrorFraction',
];
const BANDS: Measured[] = [
  'brothyBelowFraction',
  'looseBelowFraction',
  'coatingBelowFraction',
  'tightBelowFraction',
  'veryTightBelowFraction',
];

/** As it was typed, else the number in the unit that cooks write. */
function written(settings: KitchenView['settings'], field: Measured): string {
  const { text, times, own } = MEASURED[field];
  return (
    (text && settings[text]) ||
    `${Math.round(settings[field] * times * 1000) / 1000}${WORDS[own] ?? ''}`
  );
}

/** Everything but what the kitchen itself keeps. */
function editable(
  settings: KitchenView['settings'],
  form: Pick<KitchenEdit, 'name' | 'zone' | 'units'>,
): KitchenEdit {
  const kept: KitchenEdit & Partial<KitchenView['settings']> = { ...settings, ...form };
  delete kept.id;
  delete kept.demo;
  delete kept.version;
  return kept;
}

/** Where the kitchen stands, how it measures and what it calls thick. */
export function SettingsForm({ kitchen }: { kitchen: KitchenView }) {
  const { settings } = kitchen;
  const now = useNow();
  const [form, setForm] = useState({
    name: settings.name,
    zone: settings.zone,
    units: settings.units,
  });
  const [texts, setTexts] = useState(
    () =>
      Object.fromEntries(
        (Object.keys(MEASURED) as Measured[]).map((f) => [f, written(settings, f)]),
      ) as Record<Measured, string>,
  );
  const [saved, setSaved] = useState(false);
  const { problem, save } = useSave(() => setSaved(true));
  const change = (to: Partial<typeof form>) => {
    setSaved(false);
    setForm({ ...form, ...to });
  };
  const read = (f: Measured) => parseQuantity(texts[f], MEASURED[f].kind, MEASURED[f].own);
  const write = () => {
    const body = editable(settings, form);
    for (const field of Object.keys(MEASURED) as Measured[]) {
      const understood = read(field);
      if (understood.outcome !== 'understood') return;
      body[field] = understood.value;
      const { text } = MEASURED[field];
      if (text) body[text] = texts[field];
    }
    void save(() =>
      answered(
        client.PUT('/api/kitchen', { body, params: { header: { 'If-Match': settings.version } } }),
      ),
    );
  };
  const measured = (f: Measured, understood = '') => {
    const r = read(f);
    return (
      <QuantityField
        key={f}
        label={MEASURED[f].label}
        text={texts[f]}
        onText={(text) => {
          setSaved(false);
          setTexts({ ...texts, [f]: text });
        }}
        understood={understood}
        fault={r.outcome === 'understood' ? problem?.at(`/${f}`) : r.message}
        numeric={false}
      />
    );
  };
  const pair = { display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 1 };
  return (
    <Box
      component="form"
      aria-label="Settings of the kitchen"
      onSubmit={(e) => {
        e.preventDefault();
        write();
      }}
      sx={{ display: 'flex', flexDirection: 'column', gap: 1.35 }}
    >
      <Typography variant="h2">Where it stands</Typography>
      <QuantityField
        label="Name"
        text={form.name}
        onText={(name) => change({ name })}
        understood=""
        fault={problem?.at('/name')}
        numeric={false}
      />
      <Box sx={pair}>
        {measured('altitudeMeters', 'above the sea')}
        <Figure
          label="Water boils at"
          shown={show.temperature(kitchen.boilingPointCelsius, settings.units)}
          working={kitchen.workings.find((w) => w.figure === 'boilingPoint')}
        />
      </Box>
      <Box sx={pair}>
        {measured('roomCelsius')}
        {measured('relativeHumidity')}
      </Box>
      <QuantityField
        label="Time zone"
        text={form.zone}
        onText={(zone) => change({ zone })}
        understood={`it is ${show.hour(now, settings.zone)}`}
        fault={problem?.at('/zone')}
        numeric={false}
      />
      <Typography variant="h2">How near it measures</Typography>
      <Box sx={pair}>{ERRORS.map((f) => measured(f))}</Box>
      <Typography variant="h2">What it calls thick, up to</Typography>
      <Box sx={pair}>{BANDS.map((f) => measured(f))}</Box>
      <Choices
        label="Quantities shown"
        options={UNITS}
        chosen={form.units}
        onChoose={(units) => change({ units })}
      />
      {problem && problem.problem.status === 409 && <Note tone="tomato">{problem.summary}</Note>}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Button type="submit" variant="contained">
          Save
        </Button>
        {saved && <Typography role="status">Saved.</Typography>}
      </Box>
    </Box>
  );
}
