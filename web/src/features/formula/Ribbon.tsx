import { Box } from '@mui/material';
import type { FormulaView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { heatOf } from './words';
import { BareList } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { RibbonBand, type BandProps } from './RibbonBand';
import { RibbonCell, RibbonHours, RibbonLooks, RibbonRow } from './formula.styles';

type Stage = FormulaView['stages'][number];

/** The formula read downwards beside a band as wide as what is in the pot. */
export function Ribbon({ formula, units }: { formula: FormulaView; units: Units }) {
  const steps = formula.analysis.ribbon;
  const most = Math.max(...steps.map((s) => s.startMassKilograms), 0.001);
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
              step={step}
              before={steps[i - 1]?.endMassKilograms ?? 0}
              most={most}
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

type RowProps = Omit<BandProps, 'late'> & { stage: Stage };

function RibbonStage({ stage, step, before, most, red, cooked, units }: RowProps) {
  const heat = heatOf(stage, units);
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
      </RibbonHours>
      <RibbonBand
        step={step}
        before={before}
        most={most}
        red={red}
        late={late}
        cooked={cooked}
        units={units}
      />
      <RibbonCell>
        <Text variant="h2">{stage.title}</Text>
        <Ingredients stage={stage} units={units} />
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

function Ingredients({ stage, units }: { stage: Stage; units: Units }) {
  return (
    <BareList>
      {stage.lines.map((l, i) => (
        <Box component="li" key={`${l.ingredientId}${i}`}>
          <Span strong>{show.text(show.mass(l.massKilograms, units))}</Span> {l.name}
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
        </Box>
      ))}
    </BareList>
  );
}
