import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { HeatSourceView, KitchenView, MeasureView, VesselView, Working } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { ShowWorking } from '../../ui/ShowWorking';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { drawnWidthOf, shareOfWidest, widestOf } from '../../ui/scale';
import { Urn } from '../../ui/Urn';
import { BurnerForm } from './BurnerForm';
import { MeasureForm } from './MeasureForm';
import { TimingSheet } from './TimingSheet';
import { SettingsForm } from './SettingsForm';
import { VesselForm } from './VesselForm';

type Editing = { what: 'vessel'; of: VesselView | undefined } | { what: 'burner'; of: HeatSourceView | undefined } | { what: 'measure'; of: MeasureView | undefined } | { what: 'timing'; of: HeatSourceView };

/** What this kitchen has got. */
export function KitchenPage() {
  const { data: kitchen, error } = useKitchen();
  const [editing, setEditing] = useState<Editing>();
  if (!kitchen) return <Page title="Kitchen" sub="what have we got">{error && <Note tone="tomato">{error.message}</Note>}</Page>;
  return (
    <Page title={kitchen.settings.name} sub={kitchen.settings.demo ? 'a made-up kitchen to try things in: everything here is invented' : 'pots, burners and the air around them'}>
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.kitchen, gap: 4 }}>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 3, minWidth: 0 }}>
          <Vessels kitchen={kitchen} onEdit={(of) => setEditing({ what: 'vessel', of })} />
          <Burners kitchen={kitchen} onEdit={(of) => setEditing({ what: 'burner', of })} onTime={(of) => setEditing({ what: 'timing', of })} />
          <Measures kitchen={kitchen} onEdit={(of) => setEditing({ what: 'measure', of })} />
        </Box>
        <SettingsForm key={kitchen.settings.version} kitchen={kitchen} />
      </Box>
      {editing?.what === 'vessel' && <VesselForm vessel={editing.of} units={kitchen.settings.units} onClose={() => setEditing(undefined)} />}
      {editing?.what === 'timing' && <TimingSheet burner={editing.of} kitchen={kitchen} onClose={() => setEditing(undefined)} />}
      {editing?.what === 'measure' && <MeasureForm measure={editing.of} units={kitchen.settings.units} onClose={() => setEditing(undefined)} />}
      {editing?.what === 'burner' && <BurnerForm burner={editing.of} onClose={() => setEditing(undefined)} />}
    </Page>
  );
}

function Vessels({ kitchen, onEdit }: { kitchen: KitchenView; onEdit: (vessel?: VesselView) => void }) {
  const { units } = kitchen.settings;
  const widest = widestOf(kitchen.vessels);
  return (
    <Box component="section" aria-label="Pots">
      <Heading title="Pots, all to one scale" act="Add a pot" onAct={() => onEdit()} working={kitchen.workings.find((w) => w.figure === 'capacity')} />
      {kitchen.vessels.length === 0 && <Typography>No pot yet. Add the one that is used most.</Typography>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-end' }}>
        {kitchen.vessels.map((v) => {
          return (
            <Box key={v.id} sx={{ width: Math.max(sizes.kitchenPot * shareOfWidest(v, widest), sizes.rail) }}>
              <Box sx={{ width: sizes.kitchenPot * shareOfWidest(v, widest) }}><Urn shape={v} fillMeters={0} drawnWidth={drawnWidthOf(v, widest)} title={`${v.name}, to scale`} /></Box>
              <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{v.name}</Typography>
              <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
                {show.text(show.volume(v.capacityCubicMeters, units))} · {wide(v, units)} wide, {length(v.depthMeters, units)} deep · {v.emptyMassKilograms > 0 ? `${show.text(show.mass(v.emptyMassKilograms, units))} empty` : 'never weighed'}{v.lid ? ' · lid' : ''}{v.ovenLimitCelsius ? ` · oven to ${show.text(show.temperature(v.ovenLimitCelsius, units, 0))}` : ''}{v.attackedByAcid ? ' · bare metal: no long acid' : ''}
              </Typography>
              <Button onClick={() => onEdit(v)} aria-label={`Change ${v.name}`} sx={{ px: 0, minWidth: 0 }}>Change</Button>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

const length = (meters: number, units: Units) => (units === 'US' ? show.text(show.depth(meters, units)) : `${Math.round(meters * 1000) / 10} cm`);
const wide = (v: VesselView, units: Units) => {
  const [first, second] = [length(v.firstWidthMeters, units), length(v.secondWidthMeters, units)];
  return first === second ? first : v.shape === 'ROUND' ? `${first} to ${second}` : `${first} by ${second}`;
};

function Burners({ kitchen, onEdit, onTime }: { kitchen: KitchenView; onEdit: (burner?: HeatSourceView) => void; onTime: (burner: HeatSourceView) => void }) {
  return (
    <Box component="section" aria-label="Burners">
      <Heading title="Burners" act="Add a burner" onAct={() => onEdit()} working={kitchen.workings.find((w) => w.figure === 'powerIntoPot')} />
      {kitchen.heatSources.length === 0 && <Typography>No burner yet. Its label says how many watts it has.</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {kitchen.heatSources.map((h) => (
          <Box component="li" key={h.id} sx={{ display: 'grid', gridTemplateColumns: columns.burner, columnGap: 2, alignItems: 'center', borderBottom: 1, borderColor: 'divider', py: 0.5 }}>
            <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{h.name}</Typography>
            <Typography sx={{ color: 'text.secondary', gridRow: { xs: 2, sm: 'auto' }, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>{h.kind.toLowerCase()} · {(h.labelPowerWatts / 1000).toFixed(1)} kW on the label, {h.measuredPowerWatts ? `${(h.measuredPowerWatts / 1000).toFixed(2)} kW into the pot, as timed` : `about ${(h.powerIntoPotWatts / 1000).toFixed(1)} kW into the pot`}</Typography>
            <Button onClick={() => onTime(h)} aria-label={`Time ${h.name} to the boil`} disabled={kitchen.vessels.length === 0}>Time it</Button>
            <Button onClick={() => onEdit(h)} aria-label={`Change ${h.name}`}>Change</Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Measures({ kitchen, onEdit }: { kitchen: KitchenView; onEdit: (measure?: MeasureView) => void }) {
  return (
    <Box component="section" aria-label="Measures">
      <Heading title="My ladle, my handful" act="Add a measure" onAct={() => onEdit()} working={undefined} />
      {kitchen.measures.length === 0 && <Typography>None yet. Weigh once what yours holds, and its name becomes a unit.</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {kitchen.measures.map((m) => (
          <Box component="li" key={m.id} sx={{ display: 'flex', gap: 2, alignItems: 'center', borderBottom: 1, borderColor: 'divider', py: 0.5 }}>
            <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{m.name}</Typography>
            <Typography sx={{ color: 'text.secondary', flex: 1 }}>holds {show.text(show.mass(m.massKilograms, kitchen.settings.units))}</Typography>
            <Button onClick={() => onEdit(m)} aria-label={`Change the ${m.name}`}>Change</Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Heading({ title, act, onAct, working }: { title: string; act: string; onAct: () => void; working: Working | undefined }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, justifyContent: 'space-between', alignItems: 'center', mb: 1 }}>
      <Typography variant="h2">{title}</Typography>
      <Box sx={{ flex: 1 }}>{working && <ShowWorking working={working} title={title} />}</Box>
      <Button variant="outlined" onClick={onAct}>{act}</Button>
    </Box>
  );
}
