import { Box, Typography } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { useId } from 'react';
import type { FormulaView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { heatOf } from './words';

type Stage = FormulaView['stages'][number];
type Step = FormulaView['analysis']['ribbon'][number];

/** The formula read downwards beside a band as wide as what is in the pot. */
export function Ribbon({ formula, units }: { formula: FormulaView; units: Units }) {
  const steps = formula.analysis.ribbon;
  const most = Math.max(...steps.map((s) => s.startMassKilograms), 0.001);
  const firstRed = formula.stages.findIndex((s) => s.lines.some((l) => l.kind === 'TOMATO'));
  return (
    <Box component="ol" aria-label="Stages" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {formula.stages.map((stage, i) => {
        const step = steps[i];
        return (
          step && (
            <Row
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
    </Box>
  );
}

interface RowProps {
  stage: Stage;
  step: Step;
  before: number;
  most: number;
  red: boolean;
  cooked: readonly [number, number];
  units: Units;
}

function Row({ stage, step, before, most, red, cooked, units }: RowProps) {
  const heat = heatOf(stage, units);
  return (
    <Box
      component="li"
      sx={{ display: 'grid', gridTemplateColumns: columns.ribbon, columnGap: { xs: 1.25, md: 2 } }}
    >
      <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, textAlign: 'right' }}>
        {stage.seconds > 0 && (
          <Typography
            sx={{
              fontFamily: faces.figures,
              fontWeight: 700,
              fontSize: { xs: sizes.note, md: sizes.figure },
              lineHeight: 1.2,
            }}
          >
            {show.text(show.span(stage.seconds))}
          </Typography>
        )}
        {stage.seconds === 0 && (
          <Typography sx={{ fontWeight: 600, fontSize: sizes.small }}>by loads</Typography>
        )}
        <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>{heat}</Typography>
      </Box>
      <Band step={step} before={before} most={most} red={red} cooked={cooked} units={units} />
      <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, minWidth: 0 }}>
        <Typography variant="h2">{stage.title}</Typography>
        <Ingredients stage={stage} units={units} />
        {stage.takeOuts.length > 0 && (
          <Typography sx={{ fontSize: sizes.note, fontWeight: 600 }}>
            take out: {stage.takeOuts.join(', ')}
          </Typography>
        )}
        {stage.caution && (
          <Typography sx={{ fontSize: sizes.note, color: 'warning.main', fontWeight: 600 }}>
            Mind: {stage.caution}
          </Typography>
        )}
        {stage.pause && (
          <Typography sx={{ fontSize: sizes.note, color: 'info.main' }}>
            May stop here: {stage.pause}
          </Typography>
        )}
      </Box>
      <Box
        sx={{
          borderTop: { md: 1 },
          borderColor: { md: 'divider' },
          py: { md: 1 },
          pb: 1,
          gridColumn: { xs: '3', md: 'auto' },
        }}
      >
        {stage.ready && (
          <Typography sx={{ fontSize: sizes.note, color: 'success.main', fontWeight: 600 }}>
            {stage.ready}
          </Typography>
        )}
        {stage.tooFar && (
          <Typography sx={{ fontSize: sizes.note, color: 'error.main', fontWeight: 600 }}>
            too far: {stage.tooFar}
          </Typography>
        )}
        {stage.thenDo && (
          <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
            then: {stage.thenDo}
          </Typography>
        )}
      </Box>
    </Box>
  );
}

function Ingredients({ stage, units }: { stage: Stage; units: Units }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {stage.lines.map((l, i) => (
        <Box component="li" key={`${l.ingredientId}${i}`}>
          <Box component="span" sx={{ fontWeight: 600 }}>
            {show.text(show.mass(l.massKilograms, units))}
          </Box>{' '}
          {l.name}
          <Box component="span" sx={{ color: 'text.secondary', fontSize: sizes.note }}>
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
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** Height of one piece of the band, in units of the drawing; it is stretched to its row. */
const TALL = 100;
const WIDE = 100;
const SHOULDER = 14;

function Band({ step, before, most, red, cooked, units }: Omit<RowProps, 'stage'>) {
  const id = useId();
  const { palette } = useTheme().vars;
  const half = (kg: number) => Math.max(1, (kg / most) * (WIDE / 2));
  const [a, b, c] = [half(before), half(step.startMassKilograms), half(step.endMassKilograms)];
  const middle = WIDE / 2;
  const path = `M${middle - a} 0 H${middle + a} L${middle + b} ${SHOULDER} L${middle + c} ${TALL} H${middle - c} L${middle - b} ${SHOULDER} Z`;
  const browned = (share: number) =>
    `color-mix(in oklab, ${palette.kitchen.sauce1} ${Math.round(share * 75)}%, ${palette.kitchen.brassSoft})`;
  const fill = red
    ? [palette.kitchen.sauce1, palette.kitchen.sauce2]
    : cooked.map((share) => browned(0.25 + 0.75 * share));
  return (
    <Box sx={{ position: 'relative', minHeight: 76 }}>
      <svg
        viewBox={`0 0 ${WIDE} ${TALL}`}
        preserveAspectRatio="none"
        width="100%"
        height="100%"
        style={{ position: 'absolute', inset: 0 }}
        role="img"
        aria-label={`In the pot: ${show.text(show.mass(step.startMassKilograms, units))}, then ${show.text(show.mass(step.endMassKilograms, units))}`}
      >
        <defs>
          <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor={fill[0]} />
            <stop offset="1" stopColor={fill[1]} />
          </linearGradient>
        </defs>
        <path d={path} fill={`url(#${id})`} />
      </svg>
      <Typography
        aria-hidden
        sx={{
          position: 'absolute',
          left: 0,
          right: 0,
          bottom: 8,
          textAlign: 'center',
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: sizes.small,
          color: 'text.primary',
        }}
      >
        <Box
          component="span"
          sx={{ bgcolor: 'background.paper', borderRadius: 1, px: 0.6, opacity: 0.92 }}
        >
          {show.text(show.mass(step.endMassKilograms, units))}
        </Box>
      </Typography>
    </Box>
  );
}
