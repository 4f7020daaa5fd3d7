import { Box } from '@mui/material';
import type { BatchView, CurvePoint, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { FallLine, type Mark } from '../../ui/FallLine';
import { Figure } from '../../ui/Figure';
import { Urn } from '../../ui/Urn';

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  now: number | undefined;
  here: CurvePoint | undefined;
}

/** The pot as it stands now, and its fall with the readings. */
export function PotPicture({ batch, kitchen, now, here }: Props) {
  const { units, zone } = kitchen.settings;
  const { forecast, planned } = batch;
  const { vessel } = batch.pot;
  const working = (figure: string) => forecast.workings.find((w) => w.figure === figure);
  const massText = (kilograms: number) => show.massMark(kilograms, units);
  const depthText = (meters: number) => show.text(show.depth(meters, units));
  const fill = here?.depthMeters ?? planned.fit.startDepthMeters;
  // As corrected, not as planned: with less in the pot it must fall lower to be as thick.
  const start = forecast.likely[0]?.depthMeters ?? planned.fit.startDepthMeters;
  const wanted =
    (forecast.thickAt && forecast.likely.at(-1)?.depthMeters) || planned.fit.endDepthMeters;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minWidth: 0 }}>
      <Box>
        <Urn
          shape={vessel}
          drawnWidth={225}
          wordSize={17}
          fillMeters={fill}
          thickness={here?.solidsFraction ?? planned.startSolidsFraction}
          title={`${vessel.name}: ${depthText(fill)} deep ${now ? 'now' : 'at the end'}, ${depthText(wanted)} wanted`}
          levels={[
            { kind: 'start', depthMeters: start, label: `start ${depthText(start)}` },
            { kind: 'now', depthMeters: fill, label: `${now ? 'now' : 'end'} ${depthText(fill)}` },
            { kind: 'wanted', depthMeters: wanted, label: `wanted ${depthText(wanted)}` },
          ]}
        />
      </Box>
      {here && (
        <Box sx={{ display: 'flex', gap: 2.5, rowGap: 1, flexWrap: 'wrap' }}>
          <Figure
            label={now ? 'in the pot, likely' : 'at the end, likely'}
            shown={show.mass(here.massKilograms, units)}
            working={working('thickAt')}
          />
          <Figure
            label="the sauce thickens like"
            shown={show.percent(here.solidsFraction)}
            working={working('thickAt')}
          />
          <Figure
            label="temperature"
            shown={show.temperature(here.temperatureCelsius, units)}
            working={working('thickAt')}
          />
          <Figure
            label={`at the end, ${batch.pieces.length > 0 ? 'with its pieces, ' : ''}${Math.floor(forecast.portions + 1e-6)} portions`}
            shown={show.mass(forecast.endMassKilograms, units)}
            working={working('endMass')}
          />
          <Figure
            label="salt of the sauce then"
            shown={show.percent(forecast.saltFraction)}
            working={working('endMass')}
          />
        </Box>
      )}
      {forecast.thickAt && (
        <FallLine
          likely={forecast.likely}
          early={forecast.early}
          late={forecast.late}
          planned={forecast.readings > 0 ? batch.asPlanned.likely : undefined}
          targetKilograms={forecast.likely.at(-1)?.massKilograms ?? planned.targetMassKilograms}
          targetLabel={`${forecast.band}, ${show.text(show.percent(forecast.equivalentSolidsFraction))}`}
          readings={marks(batch)}
          nowAt={now}
          hour={(at) => show.hour(at, zone)}
          massText={massText}
          title={`The fall line with ${forecast.readings} readings: thick enough at ${show.hour(forecast.thickAt, zone)}`}
          height={300}
          width={340}
        />
      )}
    </Box>
  );
}

/** Where each reading lies on the fall line; what a struck-out one stood for is its own weight. */
function marks(batch: BatchView): Mark[] {
  const struck = batch.events.flatMap((e) =>
    e.struckOut && e.read.netKilograms !== undefined
      ? [{ at: e.happenedAt, kilograms: e.read.netKilograms, struckOut: true, odd: false }]
      : [],
  );
  return [...batch.forecast.reads.map((r) => ({ ...r, struckOut: false })), ...struck];
}
