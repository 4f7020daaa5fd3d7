import { Box, Button, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type {
  ColdPlaceView,
  HeatSourceView,
  KitchenView,
  MeasureView,
  OvenView,
  VesselView,
  Working,
} from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { OvenBox } from '../../ui/OvenBox';
import { COLD_KINDS } from './ColdPlaceForm';
import { ShowWorking } from '../../ui/ShowWorking';
import { drawnWidthOf, pixelsPerMeter, shareOfWidest, widestOf } from '../../ui/scale';
import { Urn } from '../../ui/Urn';

const length = (meters: number, units: Units) =>
  units === 'US' ? show.text(show.depth(meters, units)) : `${Math.round(meters * 1000) / 10} cm`;
const wide = (v: VesselView, units: Units) => {
  const [first, second] = [length(v.firstWidthMeters, units), length(v.secondWidthMeters, units)];
  return first === second
    ? first
    : v.shape === 'ROUND'
      ? `${first} to ${second}`
      : `${first} by ${second}`;
};
const asRow = { listStyle: 'none', p: 0, m: 0 };

export function Vessels({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (vessel?: VesselView) => void;
}) {
  const { units } = kitchen.settings;
  const widest = widestOf(kitchen.vessels);
  return (
    <Box component="section" aria-label="Pots">
      <Heading
        title="Pots, all to one scale"
        act="Add a pot"
        onAct={() => onEdit()}
        working={kitchen.workings.find((w) => w.figure === 'capacity')}
      />
      {kitchen.vessels.length === 0 && (
        <Typography>No pot yet. Add the one that is used most.</Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-end' }}>
        {kitchen.vessels.map((v) => (
          <Drawn
            key={v.id}
            name={v.name}
            onEdit={() => onEdit(v)}
            width={sizes.kitchenPot * shareOfWidest(v, widest)}
            words={`${show.text(show.volume(v.capacityCubicMeters, units))} · ${wide(v, units)} wide, ${length(v.depthMeters, units)} deep · ${v.emptyMassKilograms > 0 ? `${show.text(show.mass(v.emptyMassKilograms, units))} empty` : 'never weighed'}${v.lid ? ' · lid' : ''}${v.ovenLimitCelsius ? ` · oven to ${show.text(show.temperature(v.ovenLimitCelsius, units, 0))}` : ''}${v.attackedByAcid ? ' · bare metal: no long acid' : ''}`}
          >
            <Box sx={{ width: sizes.kitchenPot * shareOfWidest(v, widest) }}>
              <Urn
                shape={v}
                fillMeters={0}
                drawnWidth={drawnWidthOf(v, widest)}
                title={`${v.name}, to scale`}
              />
            </Box>
          </Drawn>
        ))}
      </Box>
    </Box>
  );
}

export function Ovens({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (oven?: OvenView) => void;
}) {
  const { units } = kitchen.settings;
  const scale = pixelsPerMeter(kitchen.vessels, sizes.kitchenPot);
  return (
    <Box component="section" aria-label="Ovens">
      <Heading
        title="Ovens, to the scale of the pots"
        act="Add an oven"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.ovens.length === 0 && (
        <Typography>No oven yet. With its inside sizes it is known which pot goes in.</Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-end' }}>
        {kitchen.ovens.map((o) => (
          <Drawn
            key={o.id}
            name={o.name}
            onEdit={() => onEdit(o)}
            width={o.widthMeters * scale}
            words={`${length(o.widthMeters, units)} wide, ${length(o.depthMeters, units)} deep, ${length(o.heightMeters, units)} high inside · to ${show.text(show.temperature(o.hottestCelsius, units, 0))}${o.fan ? ' · fan' : ''}`}
          >
            <OvenBox
              widthMeters={o.widthMeters}
              heightMeters={o.heightMeters}
              pixelsPerMeter={scale}
              title={`${o.name}, to scale`}
            />
          </Drawn>
        ))}
      </Box>
    </Box>
  );
}

function Drawn({
  name,
  words,
  width,
  onEdit,
  children,
}: {
  name: string;
  words: string;
  width: number;
  onEdit: () => void;
  children: ReactNode;
}) {
  return (
    <Box sx={{ width: Math.max(width, sizes.rail), maxWidth: '100%' }}>
      {children}
      <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{name}</Typography>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>{words}</Typography>
      <Button onClick={onEdit} aria-label={`Change ${name}`} sx={{ px: 0, minWidth: 0 }}>
        Change
      </Button>
    </Box>
  );
}

export function Burners({
  kitchen,
  onEdit,
  onTime,
}: {
  kitchen: KitchenView;
  onEdit: (burner?: HeatSourceView) => void;
  onTime: (burner: HeatSourceView) => void;
}) {
  return (
    <Box component="section" aria-label="Burners">
      <Heading
        title="Burners"
        act="Add a burner"
        onAct={() => onEdit()}
        working={kitchen.workings.find((w) => w.figure === 'powerIntoPot')}
      />
      {kitchen.heatSources.length === 0 && (
        <Typography>No burner yet. Its label says how many watts it has.</Typography>
      )}
      <Box component="ul" sx={asRow}>
        {kitchen.heatSources.map((h) => (
          <Box
            component="li"
            key={h.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: columns.burner,
              columnGap: 2,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
              py: 0.5,
            }}
          >
            <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{h.name}</Typography>
            <Typography
              sx={{
                color: 'text.secondary',
                gridRow: { xs: 2, sm: 'auto' },
                gridColumn: { xs: '1 / -1', sm: 'auto' },
              }}
            >
              {h.kind.toLowerCase()} · {(h.labelPowerWatts / 1000).toFixed(1)} kW on the label,{' '}
              {h.measuredPowerWatts
                ? `${(h.measuredPowerWatts / 1000).toFixed(2)} kW into the pot, as timed`
                : `about ${(h.powerIntoPotWatts / 1000).toFixed(1)} kW into the pot`}
            </Typography>
            <Button
              onClick={() => onTime(h)}
              aria-label={`Time ${h.name} to the boil`}
              disabled={kitchen.vessels.length === 0}
            >
              Time it
            </Button>
            <Button onClick={() => onEdit(h)} aria-label={`Change ${h.name}`}>
              Change
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

export function ColdPlaces({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (place?: ColdPlaceView) => void;
}) {
  return (
    <Box component="section" aria-label="Cold places">
      <Heading
        title="Cold places"
        act="Add a cold place"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.coldPlaces.length === 0 && (
        <Typography>
          None yet. With their temperatures it is known whether a pan cools in time.
        </Typography>
      )}
      <Box component="ul" sx={asRow}>
        {kitchen.coldPlaces.map((p) => (
          <Box
            component="li"
            key={p.id}
            sx={{
              display: 'flex',
              gap: 2,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
              py: 0.5,
            }}
          >
            <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{p.name}</Typography>
            <Typography sx={{ color: 'text.secondary', flex: 1 }}>
              {COLD_KINDS[p.kind]},{' '}
              {show.text(show.temperature(p.celsius, kitchen.settings.units, 0))}
            </Typography>
            <Button onClick={() => onEdit(p)} aria-label={`Change ${p.name}`}>
              Change
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

export function Measures({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (measure?: MeasureView) => void;
}) {
  return (
    <Box component="section" aria-label="Measures">
      <Heading
        title="My ladle, my handful"
        act="Add a measure"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.measures.length === 0 && (
        <Typography>None yet. Weigh once what yours holds, and its name becomes a unit.</Typography>
      )}
      <Box component="ul" sx={asRow}>
        {kitchen.measures.map((m) => (
          <Box
            component="li"
            key={m.id}
            sx={{
              display: 'flex',
              gap: 2,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
              py: 0.5,
            }}
          >
            <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>
              {m.name}
              {m.ingredientId && ` of ${m.ingredientId.replaceAll('-', ' ')}`}
            </Typography>
            <Typography sx={{ color: 'text.secondary', flex: 1 }}>
              holds {show.text(show.mass(m.massKilograms, kitchen.settings.units))}
            </Typography>
            <Button onClick={() => onEdit(m)} aria-label={`Change the ${m.name}`}>
              Change
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Heading({
  title,
  act,
  onAct,
  working,
}: {
  title: string;
  act: string;
  onAct: () => void;
  working: Working | undefined;
}) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 2,
        justifyContent: 'space-between',
        alignItems: 'center',
        mb: 1,
      }}
    >
      <Typography variant="h2">{title}</Typography>
      <Box sx={{ flex: 1 }}>{working && <ShowWorking working={working} title={title} />}</Box>
      <Button variant="outlined" onClick={onAct}>
        {act}
      </Button>
    </Box>
  );
}
