import { Box } from '@mui/material';
import type { FormulaView } from '../../api/client';
import { Link } from 'react-router';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { heatOf } from './words';
import { BareList } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { CourseWords, endWords } from './Course';
import { RibbonBand, inPot, type BandProps } from './RibbonBand';
import { RibbonCell, RibbonHours, RibbonLooks, RibbonRow } from './formula.styles';

type Stage = FormulaView['stages'][number];

/** The formula read downwards beside a band as wide as what is in the pot. */
export function Ribbon({ formula, units }: { formula: FormulaView; units: Units }) {
  const steps = formula.analysis.ribbon;
  const most = Math.max(...steps.map((s) => inPot(s).start), 0.001);
  const fullest = steps.findIndex((s) => inPot(s).start >= most);
  const made = formula.stages.map((s) =>
    s.lines.filter((l) => l.made).map((l) => ({ name: l.name, kilograms: l.massKilograms })),
  );
  const parts = steps.some((s) => s.asideAtEndKilograms > 0) || made.some((m) => m.length > 0);
  const firstRed = formula.stages.findIndex((s) => s.lines.some((l) => l.kind === 'TOMATO'));
  return (
    <BareList aria-label="Stages" as="ol">
      {formula.stages.map((stage, i) => {
        const step = steps[i];
        return (
          step && (
            <RibbonStage
              key={`${stage.title}${i}`}
              stage={stage}
              stages={formula.stages}
              step={step}
              previous={steps[i - 1]}
              most={most}
              isFullest={i === fullest}
              parts={parts}
              joining={made[i] ?? []}
              red={firstRed >= 0 && i >= firstRed}
              cooked={[firstRed > 0 ? i / firstRed : 0, firstRed > 0 ? (i + 1) / firstRed : 0]}
              units={units}
            />
          )
        );
      })}
    </BareList>
  );
}

type RowProps = Omit<BandProps, 'late'> & { stage: Stage; stages: Stage[] };

function RibbonStage({ stage, stages, units, ...band }: RowProps) {
  const heat = heatOf(stage, units);
  const end = endWords(stage.course, units);
  const late = stage.lines
    .filter((l) => l.afterSeconds > 0 && stage.seconds > 0)
    .map((l) => ({ name: l.name, share: Math.min(1, l.afterSeconds / stage.seconds) }));
  return (
    <RibbonRow>
      <RibbonHours>
        {stage.seconds > 0 && (
          <Text figures sx={{ fontSize: { xs: sizes.note, md: sizes.figure } }}>
            {show.text(show.span(stage.seconds))}
          </Text>
        )}
        {stage.seconds === 0 && (
          <Text size="small" strong>
            by loads
          </Text>
        )}
        <Text tone="muted" size="small">
          {heat}
        </Text>
        {end && (
          <Text tone="muted" size="small">
            {end}
          </Text>
        )}
      </RibbonHours>
      <RibbonBand {...band} late={late} units={units} />
      <RibbonCell>
        <Text variant="h2">{stage.title}</Text>
        <Ingredients stage={stage} units={units} />
        <CourseWords stage={stage} stages={stages} />
        {band.step.asideAtEndKilograms > band.step.asideAtStartKilograms && (
          <Text tone="muted" size="note">
            {show.text(show.mass(band.step.asideAtEndKilograms, units))} beside the pot
          </Text>
        )}
        {stage.takeOuts.length > 0 && (
          <Text size="note" strong>
            take out: {stage.takeOuts.join(', ')}
          </Text>
        )}
        {stage.caution && (
          <Text tone="warn" size="note" strong>
            Mind: {stage.caution}
          </Text>
        )}
        {stage.pause && (
          <Text tone="cold" size="note">
            May stop here: {stage.pause}
          </Text>
        )}
      </RibbonCell>
      <RibbonLooks>
        {stage.ready && (
          <Text tone="good" size="note" strong>
            {stage.ready}
          </Text>
        )}
        {stage.tooFar && (
          <Text tone="alarm" size="note" strong>
            too far: {stage.tooFar}
          </Text>
        )}
        {stage.thenDo && (
          <Text tone="muted" size="note">
            then: {stage.thenDo}
          </Text>
        )}
      </RibbonLooks>
    </RibbonRow>
  );
}

const counted = (kilograms: number, piece: { name: string; massKilograms: number }) => {
  const count = kilograms / piece.massKilograms;
  return `${show.quarters(count)} ${piece.name}${count > 1 ? 's' : ''}`;
};

const goodsWords = (t: { name: string; massKilograms: number }, units: Units) =>
  `${show.text(show.mass(t.massKilograms, units))} ${t.name.toLowerCase()}`;

function Ingredients({ stage, units }: { stage: Stage; units: Units }) {
  return (
    <BareList>
      {stage.lines.map((l, i) => (
        <Box component="li" key={`${l.ingredientId}${i}`}>
          <Span strong>{show.text(show.mass(l.massKilograms, units))}</Span>{' '}
          {l.made ? <Link to={`/formulas/${l.made.formulaId}`}>{l.name}</Link> : l.name}
          {l.made?.piece && `, ${counted(l.massKilograms, l.made.piece)}`}
          <Span tone="muted" size="note">
            {[
              l.note,
              l.afterSeconds > 0 ? `after ${show.text(show.span(l.afterSeconds))}` : '',
              l.firstDoseFraction < 1
                ? `${Math.round(l.firstDoseFraction * 100)} % at first, the rest after tasting`
                : '',
            ]
              .filter(Boolean)
              .map((w) => `, ${w}`)
              .join('')}
          </Span>
          {l.made && (
            <Text tone="muted" size="note" sx={{ pl: 2 }}>
              of {l.made.takes.map((t) => goodsWords(t, units)).join(' · ')}
            </Text>
          )}
        </Box>
      ))}
    </BareList>
  );
}
