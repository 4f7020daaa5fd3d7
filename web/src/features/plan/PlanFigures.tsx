import { memo } from 'react';
import { client, type PlanRequest, type PlanView, type Working } from '../../api/client';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { Figure } from '../../ui/Figure';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { FiguresBar } from './plan.styles';

type Asked = 'FINAL_MASS' | 'START_MASS' | 'START_VOLUME' | 'SIMMER_TIME';

/** Finds workings of a plan and asks what moves a figure, for the request behind it. */
export function useWorkings(plan: PlanView, request: PlanRequest | undefined) {
  const working = (figure: string): Working | undefined =>
    plan.workings.find((w) => w.figure === figure);
  const influences = (figure: Asked) =>
    request &&
    (() =>
      answered(
        client.POST('/api/plans/influences/{figure}', {
          params: { path: { figure } },
          body: request,
        }),
      ));
  return { working, influences };
}

interface Props {
  plan: PlanView;
  request: PlanRequest | undefined;
  zone: string;
}

/** When to light the burner and when it is thick enough. */
export const Hours = memo(function Hours({ plan, request, zone }: Props) {
  const { working, influences } = useWorkings(plan, request);
  if (!plan.hours)
    return (
      <Text variant="h2" component="p" role="status" tone="alarm">
        {plan.neverReason}
      </Text>
    );
  const { lightAt, thickAt, earliest, latest, spareAtWorstSeconds } = plan.hours;
  const late = spareAtWorstSeconds < 0;
  return (
    <Row gap={3} align="end" wrap>
      <Figure
        label="Light the burner"
        shown={{ value: show.hour(lightAt, zone), unit: '' }}
        size="large"
        working={working('lightAt')}
        influences={influences('SIMMER_TIME')}
      />
      <Figure
        label={`Thick enough, ${show.hour(earliest, zone)} to ${show.hour(latest, zone)}`}
        shown={{ value: show.hour(thickAt, zone), unit: '' }}
        size="large"
        working={working('thickAt')}
        influences={influences('SIMMER_TIME')}
      />
      <Figure
        label={late ? 'May be late by' : 'To spare at least'}
        shown={show.span(spareAtWorstSeconds)}
        tone={late ? 'alarm' : 'good'}
        working={working('lightAt')}
      />
    </Row>
  );
});

/** Mass, volume and solids at both ends. */
export const Sizes = memo(function Sizes({
  plan,
  request,
  units,
}: Omit<Props, 'zone'> & { units: Units }) {
  const { working, influences } = useWorkings(plan, request);
  const fit = plan.fit;
  return (
    <FiguresBar>
      <Figure
        label="At the start"
        shown={show.mass(plan.startMassKilograms, units)}
        working={working('startMass')}
        influences={influences('START_MASS')}
      />
      <Figure
        label="filling"
        shown={show.volume(fit.startVolumeCubicMeters, units)}
        working={working('startVolume')}
        influences={influences('START_VOLUME')}
      />
      <Figure
        label={`At the end, ${plan.pieceMassKilograms > 0 ? 'with its pieces, ' : ''}${Math.floor(plan.portions + 1e-6)} portions`}
        shown={show.mass(plan.endMassKilograms, units)}
        working={working('finalMass')}
        influences={influences('FINAL_MASS')}
      />
      <Figure
        label="filling"
        shown={show.volume(fit.endVolumeCubicMeters, units)}
        working={working('startVolume')}
      />
      <Figure
        label="Solids of the sauce"
        shown={{
          value: `${show.percent(plan.startSolidsFraction).value} → ${show.percent(plan.targetSolidsFraction).value}`,
          unit: '%',
        }}
        working={working('thickness')}
      />
      {plan.alcoholLeft && (
        <Figure
          label="Alcohol left of the wine’s"
          shown={{
            value: `${show.percent(plan.alcoholLeft.leastFraction).value} – ${show.percent(plan.alcoholLeft.mostFraction).value}`,
            unit: '%',
          }}
          working={working('alcohol')}
        />
      )}
      <Figure
        label="Salt of the sauce"
        shown={show.percent(plan.saltFraction)}
        working={working('salt')}
      />
      <Figure
        label="Water to lose"
        shown={show.mass(plan.waterToLoseKilograms, units)}
        working={working('thickAt')}
      />
      <Figure
        label="Room for bubbles"
        shown={{ value: fit.withinHeadroom ? 'enough' : 'too full', unit: '' }}
        tone={fit.withinHeadroom ? 'good' : 'alarm'}
        working={working('headroom')}
      />
    </FiguresBar>
  );
});
