import { Box } from '@mui/material';
import { memo } from 'react';
import type { PlanView, VesselView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { FallLine } from '../../ui/FallLine';
import { Urn } from '../../ui/Urn';
import { along } from '../../ui/along';
import { Column } from '../../ui/layout';

/** The real pot with its levels, and the fall over the clock. */
export const PlanPicture = memo(function PlanPicture({
  plan,
  vessel,
  units,
  zone,
}: {
  plan: PlanView;
  vessel: VesselView;
  units: Units;
  zone: string;
}) {
  const { fit } = plan;
  const volume = (cubicMeters: number, meters: number) =>
    `${show.text(show.volume(cubicMeters, units))} · ${show.text(show.depth(meters, units))}`;
  const massText = (kilograms: number) => show.massMark(kilograms, units);
  return (
    <Column>
      <Box sx={{ height: { xs: 180, md: 205 } }}>
        <Urn
          shape={vessel}
          fillMeters={fit.endDepthMeters}
          caption={`${vessel.name}, drawn to scale`}
          thickness={plan.targetSolidsFraction}
          title={`${vessel.name} to scale: ${volume(fit.startVolumeCubicMeters, fit.startDepthMeters)} at the start, ${volume(fit.endVolumeCubicMeters, fit.endDepthMeters)} wanted`}
          levels={[
            { kind: 'headroom', depthMeters: fit.headroomDepthMeters, label: 'headroom' },
            {
              kind: 'start',
              depthMeters: fit.startDepthMeters,
              label: `start ${volume(fit.startVolumeCubicMeters, fit.startDepthMeters)}`,
            },
            {
              kind: 'wanted',
              depthMeters: fit.endDepthMeters,
              label: `wanted ${volume(fit.endVolumeCubicMeters, fit.endDepthMeters)}`,
            },
          ]}
        />
      </Box>
      {plan.hours ? (
        <FallLine
          likely={plan.likely}
          early={plan.early}
          late={plan.late}
          serveAt={plan.readyBy}
          serveWords={served(plan)}
          targetKilograms={plan.targetMassKilograms}
          targetLabel={`${show.text(show.percent(plan.targetSolidsFraction))} solids`}
          hour={(at) => show.hour(at, zone)}
          massText={massText}
          title={`The fall line: ${massText(plan.startMassKilograms)} falls to ${massText(plan.targetMassKilograms)} by ${show.hour(plan.hours.thickAt, zone)}, between ${show.hour(plan.hours.earliest, zone)} and ${show.hour(plan.hours.latest, zone)}`}
        />
      ) : null}
    </Column>
  );
});

const MINUTE_S = 60;

/** What is left of the time when it is thick enough, as likely, and how thick it is when it is served. */
function served(plan: PlanView): string {
  if (!plan.hours) return '';
  const spare = (Date.parse(plan.readyBy) - Date.parse(plan.hours.thickAt)) / 1000;
  const time = show.text(show.span(spare));
  if (spare >= MINUTE_S) return `${time} after it is thick enough`;
  const then = along(plan.likely, Date.parse(plan.readyBy))?.solidsFraction;
  const thick = then === undefined ? '' : `, ${show.text(show.percent(then))} solids by then`;
  return spare <= -MINUTE_S ? `${time} too early${thick}` : 'just as it is thick enough';
}
