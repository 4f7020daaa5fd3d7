import { Box, ButtonBase, Typography } from '@mui/material';
import { Fragment, memo } from 'react';
import type { AlternativeView, PlanView, WaysView } from '../../api/client';
import { ShowWorking } from '../../ui/ShowWorking';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { shareOf, solidsText, type PlanForm } from './form';

const SHOWN = 4;
const GIVES: Partial<Record<AlternativeView['kind'], string>> = {
  THINNER: 'the thickness',
  FEWER: 'the number',
  LATER_HOUR: 'the hour',
};

/** The pot that is planned with, and for how many. */
type Here = { vesselId: string; covers: number } | undefined;

interface Props {
  hours: PlanView['hours'];
  ways: WaysView;
  zone: string;
  change: (to: Partial<PlanForm>) => void;
  here: Here;
}

/** Other ways to the same thickness, with the hour each reaches it and what it costs. */
export const OtherWays = memo(function OtherWays({ hours, ways, zone, change, here }: Props) {
  const late = !hours || hours.spareAtWorstSeconds < 0;
  const gives = ways.sooner.filter((w) => GIVES[w.kind]);
  const sooner = varied(ways.sooner.filter((w) => !GIVES[w.kind]));
  const later = varied(ways.later);
  if (gives.length === 0 && sooner.length === 0 && later.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', mb: -0.75 }}
      >
        <Typography variant="caption" component="h2" sx={{ color: 'text.secondary' }}>
          {sooner.length === 0 ? 'Other ways' : late ? 'In time?' : 'Sooner?'}
        </Typography>
        <ShowWorking working={ways.working} title="Other ways" />
      </Box>
      {sooner.length > 0 && (
        <Ways
          title={late ? 'In time?' : 'Sooner?'}
          ways={sooner}
          zone={zone}
          change={change}
          here={here}
        />
      )}
      {gives.length > 0 && (
        <>
          <Typography variant="caption" component="h3" sx={{ color: 'text.secondary', mb: -0.75 }}>
            Or what gives?
          </Typography>
          <Ways title="What gives?" ways={gives} zone={zone} change={change} here={here} />
        </>
      )}
      {!late && later.length > 0 && <Line ways={later} zone={zone} change={change} here={here} />}
    </Box>
  );
});

/** At most a few, each of another kind before a second of one kind. */
function varied(ways: AlternativeView[]): AlternativeView[] {
  const first = ways.filter((w, i) => ways.findIndex((other) => other.kind === w.kind) === i);
  return [...first, ...ways.filter((w) => !first.includes(w))]
    .slice(0, SHOWN)
    .toSorted((a, b) => a.simmerSeconds - b.simmerSeconds);
}

function Ways({
  title,
  ways,
  zone,
  change,
  here,
}: { title: string; ways: AlternativeView[] } & Pick<Props, 'zone' | 'change' | 'here'>) {
  return (
    <Box component="section" aria-label={title}>
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.ways, gap: 0.75 }}>
        {ways.map((way) => (
          <Way key={`${way.kind} ${way.what}`} way={way} zone={zone} change={change} here={here} />
        ))}
      </Box>
    </Box>
  );
}

/** Longer ways need less room: they are only asked for now and then. */
function Line({
  ways,
  zone,
  change,
  here,
}: { ways: AlternativeView[] } & Pick<Props, 'zone' | 'change' | 'here'>) {
  return (
    <Typography
      component="section"
      aria-label="Later?"
      sx={{ fontSize: sizes.note, color: 'text.secondary' }}
    >
      Later?{' '}
      {ways.map((way) => {
        const chosen = chosenBy(way, zone, here);
        const words = `${way.thickAt ? show.hour(way.thickAt, zone) : ''} ${way.what}`;
        return (
          <Fragment key={way.what}>
            {' '}
            {chosen ? (
              <ButtonBase
                onClick={() => change(chosen)}
                aria-label={`${words}, ${way.cost}. Plan it so`}
                sx={{
                  font: 'inherit',
                  color: 'text.primary',
                  textDecoration: 'underline dotted',
                  textUnderlineOffset: 3,
                  px: 0.5,
                }}
              >
                {words}
              </ButtonBase>
            ) : (
              <Box component="span" sx={{ px: 0.5, color: 'text.primary' }}>
                {words}
              </Box>
            )}
          </Fragment>
        );
      })}
    </Typography>
  );
}

function Way({
  way,
  zone,
  change,
  here,
}: { way: AlternativeView } & Pick<Props, 'zone' | 'change' | 'here'>) {
  const given = GIVES[way.kind];
  const hour =
    given ?? (way.thickAt ? show.hour(way.thickAt, zone) : show.text(show.span(way.simmerSeconds)));
  const words = (
    <Box
      sx={{
        bgcolor: 'kitchen.well',
        borderRadius: 1,
        px: 1.25,
        py: 0.75,
        width: '100%',
        height: '100%',
        textAlign: 'left',
      }}
    >
      <Typography
        component="span"
        sx={{
          display: 'block',
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: sizes.lead,
          lineHeight: 1.2,
        }}
      >
        {hour}
      </Typography>
      <Typography
        component="span"
        sx={{ display: 'block', fontWeight: 600, fontSize: sizes.note, lineHeight: 1.25 }}
      >
        {way.what}
      </Typography>
      <Typography
        component="span"
        sx={{ display: 'block', color: 'text.secondary', fontSize: sizes.small, lineHeight: 1.25 }}
      >
        {way.cost}
      </Typography>
    </Box>
  );
  const chosen = chosenBy(way, zone, here);
  return chosen ? (
    <ButtonBase
      onClick={() => change(chosen)}
      aria-label={`${way.what}, ${given ? 'to be in time' : `thick enough ${hour}`}, ${way.cost}. Plan it so`}
      sx={{ borderRadius: 1 }}
    >
      {words}
    </ButtonBase>
  ) : (
    words
  );
}

/** What the form holds can be chosen at once; paste and water are the cook's to add. */
function chosenBy(way: AlternativeView, zone: string, here: Here): Partial<PlanForm> | undefined {
  switch (way.kind) {
    case 'LEVEL':
      return { way: way.heating.way };
    case 'LID':
      return { lid: way.lid };
    case 'POT':
      return { vesselId: way.vesselId };
    case 'SPLIT':
      return here ? halves(way, here) : undefined;
    case 'THINNER':
      return way.targetSolidsFraction === undefined
        ? undefined
        : { target: solidsText(way.targetSolidsFraction) };
    case 'FEWER':
      return { sizedBy: 'COVERS', covers: String(way.covers) };
    case 'LATER_HOUR':
      return { readyBy: show.hour(way.readyBy, zone) };
    default:
      return undefined;
  }
}

/** Two pots of one batch, this one first. */
function halves(way: AlternativeView, here: NonNullable<Here>): Partial<PlanForm> | undefined {
  const more = Math.ceil(here.covers / 2);
  const first = { vesselId: here.vesselId, covers: more, lit: false };
  const other = { vesselId: way.vesselId, covers: here.covers - more, lit: false };
  return here.covers < 2 ? undefined : shareOf([first, other], first);
}
