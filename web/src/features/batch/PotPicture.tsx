import { Box } from '@mui/material';
import type { BatchView, CurvePoint, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { FallLine, type Mark } from '../../ui/FallLine';
import { Figure } from '../../ui/Figure';
import { Urn, type Level } from '../../ui/Urn';
import { Column, Row } from '../../ui/layout';

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  now: number | undefined;
  here: CurvePoint | undefined;
}

/** The pot as it stands now, and its fall with the readings. */
export function PotPicture(props: Props) {
  const { batch, here } = props;
  // What is not in yet is not shown: before the simmer the pot holds its soffritto at most.
  const isEmpty = props.now !== undefined && Date.parse(batch.forecast.simmerStartedAt) > props.now;
  return (
    <Column gap={1.5}>
      <Box>
        <PotUrn {...props} isEmpty={isEmpty} />
      </Box>
      {batch.forecast.thickAt && <Fall {...props} thickAt={batch.forecast.thickAt} />}
      {here && !isEmpty && <Contents {...props} here={here} />}
    </Column>
  );
}

function PotUrn({ batch, kitchen, now, here, isEmpty }: Props & { isEmpty: boolean }) {
  const { forecast, planned } = batch;
  const { vessel } = batch.pot;
  const text = (meters: number) => show.text(show.depth(meters, kitchen.settings.units));
  const fill = isEmpty ? 0 : (here?.depthMeters ?? planned.fit.startDepthMeters);
  // As corrected, not as planned: with less in the pot it must fall lower to be as thick.
  const start = forecast.likely[0]?.depthMeters ?? planned.fit.startDepthMeters;
  const wanted =
    (forecast.thickAt && forecast.likely.at(-1)?.depthMeters) || planned.fit.endDepthMeters;
  const filled: Level = {
    kind: 'now',
    depthMeters: fill,
    label: `${now ? 'now' : 'end'} ${text(fill)}`,
  };
  const said = isEmpty
    ? `the tomatoes are not in yet, ${text(start)} deep with them`
    : `${text(fill)} deep ${now ? 'now' : 'at the end'}`;
  return (
    <Urn
      shape={vessel}
      wordSize={15}
      fillMeters={fill}
      thickness={here?.solidsFraction ?? planned.startSolidsFraction}
      title={`${vessel.name}: ${said}, ${text(wanted)} wanted`}
      levels={[
        { kind: 'headroom', depthMeters: planned.fit.headroomDepthMeters, label: 'headroom' },
        { kind: 'start', depthMeters: start, label: `start ${text(start)}` },
        ...(isEmpty ? [] : [filled]),
        { kind: 'wanted', depthMeters: wanted, label: `wanted ${text(wanted)}` },
      ]}
    />
  );
}

function Contents({ batch, kitchen, now, here }: Props & { here: CurvePoint }) {
  const { units } = kitchen.settings;
  const { forecast } = batch;
  const working = (figure: string) => forecast.workings.find((w) => w.figure === figure);
  const pieces = batch.pieces.length > 0 ? 'with its pieces, ' : '';
  return (
    <Row gap={2.5} wrap sx={{ rowGap: 1 }}>
      <Figure
        label={now ? 'in the pot, likely' : 'at the end, likely'}
        shown={show.mass(here.massKilograms, units)}
        working={working('thickAt')}
      />
      <Figure
        label="thickness now"
        shown={show.percent(here.solidsFraction)}
        working={working('thickAt')}
      />
      <Figure
        label="temperature"
        shown={show.temperature(here.temperatureCelsius, units)}
        working={working('thickAt')}
      />
      <Figure
        label={`at the end, ${pieces}${Math.floor(forecast.portions + 1e-6)} portions`}
        shown={show.mass(forecast.endMassKilograms, units)}
        working={working('endMass')}
      />
      <Figure
        label="salt of the sauce then"
        shown={show.percent(forecast.saltFraction)}
        working={working('endMass')}
      />
    </Row>
  );
}

function Fall({ batch, kitchen, now, thickAt }: Props & { thickAt: string }) {
  const { units, zone } = kitchen.settings;
  const { forecast } = batch;
  const end = forecast.likely.at(-1)?.massKilograms ?? batch.planned.targetMassKilograms;
  return (
    <FallLine
      likely={forecast.likely}
      early={forecast.early}
      late={forecast.late}
      planned={forecast.readings > 0 ? batch.asPlanned.likely : undefined}
      targetKilograms={end}
      targetLabel={`${forecast.band}, ${show.text(show.percent(forecast.equivalentSolidsFraction))}`}
      readings={marks(batch)}
      nowAt={now}
      hour={(at) => show.hour(at, zone)}
      massText={(kilograms) => show.massMark(kilograms, units)}
      title={`The fall line with ${forecast.readings} readings: thick enough at ${show.hour(thickAt, zone)}`}
      height={230}
    />
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
