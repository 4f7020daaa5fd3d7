import { Box } from '@mui/material';
import type { BatchView, CurvePoint, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { FallLine, type Mark } from '../../ui/FallLine';
import { Figure } from '../../ui/Figure';
import { Urn } from '../../ui/Urn';

interface Props { batch: BatchView; kitchen: KitchenView; now: number | undefined; here: CurvePoint | undefined }

/** The pot as it stands now, and its fall with the readings. */
export function PotPicture({ batch, kitchen, now, here }: Props) {
  const { units, zone } = kitchen.settings;
  const { forecast, planned } = batch;
  const working = (figure: string) => forecast.workings.find((w) => w.figure === figure);
  const massText = (kilograms: number) => show.massMark(kilograms, units);
  const depthText = (meters: number) => show.text(show.depth(meters, units));
  const fill = here?.depthMeters ?? planned.fit.startDepthMeters;
  // As corrected, not as planned: with less in the pot it must fall lower to be as thick.
  const start = forecast.likely[0]?.depthMeters ?? planned.fit.startDepthMeters;
  const wanted = (forecast.thickAt && forecast.likely.at(-1)?.depthMeters) || planned.fit.endDepthMeters;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minWidth: 0 }}>
      <Box>
        <Urn
          shape={batch.pot}
          drawnWidth={225}
          wordSize={17}
          fillMeters={fill}
          thickness={here?.solidsFraction ?? planned.startSolidsFraction}
          title={`${batch.pot.name}: ${depthText(fill)} deep ${now ? 'now' : 'at the end'}, ${depthText(wanted)} wanted`}
          levels={[
            { kind: 'start', depthMeters: start, label: `start ${depthText(start)}` },
            { kind: 'now', depthMeters: fill, label: `${now ? 'now' : 'end'} ${depthText(fill)}` },
            { kind: 'wanted', depthMeters: wanted, label: `wanted ${depthText(wanted)}` },
          ]}
        />
      </Box>
      {here && (
        <Box sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap' }}>
          <Figure label={now ? 'in the pot, likely' : 'at the end, likely'} shown={show.mass(here.massKilograms, units)} working={working('thickAt')} />
          <Figure label="deep" shown={show.depth(here.depthMeters, units)} working={planned.workings.find((w) => w.figure === 'startVolume')} />
          <Figure label="solids" shown={show.percent(here.solidsFraction)} working={working('thickAt')} />
          <Figure label="temperature" shown={show.temperature(here.temperatureCelsius, units)} working={working('thickAt')} />
        </Box>
      )}
      {forecast.thickAt && (
        <FallLine
          likely={forecast.likely} early={forecast.early} late={forecast.late} planned={forecast.readings > 0 ? batch.asPlanned.likely : undefined}
          targetKilograms={forecast.likely.at(-1)?.massKilograms ?? planned.targetMassKilograms}
          targetLabel={`${show.text(show.percent(planned.targetSolidsFraction))} solids`}
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

/** Weighings as they are, dips where their depth lies on the likely fall's own scale of depth and mass. */
function marks(batch: BatchView): Mark[] {
  return batch.events.flatMap((e) => {
    const kilograms = e.kind === 'WEIGHED' ? e.netKilograms : e.kind === 'DIPPED' ? massAtDepth(batch, e.depthMeters ?? 0) : undefined;
    return kilograms === undefined ? [] : [{ at: e.happenedAt, kilograms, struckOut: e.struckOut, odd: e.odd }];
  });
}

function massAtDepth(batch: BatchView, depth: number): number | undefined {
  const near = batch.forecast.likely.toSorted((a, b) => Math.abs(a.depthMeters - depth) - Math.abs(b.depthMeters - depth))[0];
  return near?.massKilograms;
}
