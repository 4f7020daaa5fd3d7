import { useTheme } from '@mui/material/styles';
import { useId } from 'react';
import type { FormulaView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Text } from '../../ui/text';
import { BandBox, LateMark, OnSauce, RibbonFigure, RibbonFullest } from './formula.styles';

type Step = FormulaView['analysis']['ribbon'][number];

export interface BandProps {
  step: Step;
  /** What is in the pot before it, kg. */
  before: number;
  /** The most that is ever in it, kg. */
  most: number;
  red: boolean;
  /** What goes in while the stage runs, and after which share of it. */
  late: { name: string; share: number }[];
  cooked: readonly [number, number];
  units: Units;
}

/** Height of one piece of the band, in units of the drawing; it is stretched to its row. */
const TALL = 100;
const WIDE = 100;
const SHOULDER = 14;

/** What is in the pot during a stage: its width is its mass, its colour how far it is cooked. */
export function RibbonBand({ step, before, most, red, late, cooked, units }: BandProps) {
  const id = useId();
  const { palette } = useTheme().vars;
  const isFullest = step.startMassKilograms >= most;
  const fullest = `fullest ${show.text(show.mass(most, units))}`;
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
    <BandBox>
      <svg
        viewBox={`0 0 ${WIDE} ${TALL}`}
        preserveAspectRatio="none"
        width="100%"
        height="100%"
        style={{ position: 'absolute', inset: 0 }}
        role="img"
        aria-label={[
          `In the pot: ${show.text(show.mass(step.startMassKilograms, units))}, then ${show.text(show.mass(step.endMassKilograms, units))}`,
          ...(isFullest ? [fullest] : []),
          ...late.map((l) => `${l.name} later`),
        ].join('; ')}
      >
        <defs>
          <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor={fill[0]} />
            <stop offset="1" stopColor={fill[1]} />
          </linearGradient>
        </defs>
        <path d={path} fill={`url(#${id})`} />
      </svg>
      {isFullest && (
        <RibbonFullest aria-hidden tone="ink" size="small" figures>
          <OnSauce>{fullest}</OnSauce>
        </RibbonFullest>
      )}
      {late.map((l) => (
        <LateMark key={l.name} aria-hidden style={{ top: `${l.share * 100}%` }}>
          <Text size="small">
            <OnSauce>{l.name}</OnSauce>
          </Text>
        </LateMark>
      ))}
      <RibbonFigure aria-hidden tone="ink" size="small" figures>
        <OnSauce>{show.text(show.mass(step.endMassKilograms, units))}</OnSauce>
      </RibbonFigure>
    </BandBox>
  );
}
