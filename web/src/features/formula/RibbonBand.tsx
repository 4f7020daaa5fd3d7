import { useTheme } from '@mui/material/styles';
import { useId } from 'react';
import type { FormulaView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Text } from '../../ui/text';
import { BandBox, LateMark, OnSauce, RibbonFigure, RibbonFullest } from './formula.styles';

type Step = FormulaView['analysis']['ribbon'][number];

export interface BandProps {
  step: Step;
  /** The stage before it, where there is one. */
  previous: Step | undefined;
  /** The most that is ever in the pot, kg. */
  most: number;
  /** Whether this is the stage in which it is fullest. */
  isFullest: boolean;
  /** Whether pieces ever stand beside the pot. */
  parts: boolean;
  /** Parts made by formulas of their own that go in. */
  joining: { name: string; kilograms: number }[];
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

/** What is in the pot when a stage has begun and when it is over, and what stands beside it, kg. */
export const inPot = (step: Step | undefined) => ({
  start: (step?.startMassKilograms ?? 0) - (step?.asideAtStartKilograms ?? 0),
  end: (step?.endMassKilograms ?? 0) - (step?.asideAtEndKilograms ?? 0),
});

/** Room that the side stream has. */
const BESIDE = 0.13;

/** Pieces beside the pot: they leave the band at the end of a stage and join it at its start. */
function sideStream(step: Step, previous: Step | undefined, most: number, c: number): string[] {
  const wide = (kg: number) => Math.max(2, Math.min(1, kg / most) * WIDE * BESIDE);
  const [was, at, then] = [
    previous?.asideAtEndKilograms ?? 0,
    step.asideAtStartKilograms,
    step.asideAtEndKilograms,
  ];
  const middle = WIDE / 2;
  const paths: string[] = [];
  if (at > 0) paths.push(`M${WIDE - wide(at)} 0 H${WIDE} V${TALL} H${WIDE - wide(at)} Z`);
  if (was > at)
    paths.push(`M${WIDE - wide(was)} 0 H${WIDE} L${middle + c} ${SHOULDER} L${middle} 0 Z`);
  if (then > at)
    paths.push(
      `M${middle + c} ${TALL - SHOULDER} L${WIDE} ${TALL} H${WIDE - wide(then)} L${middle} ${TALL} Z`,
    );
  return paths;
}

/** Parts come down beside the band from the left, and join it where their stage begins. */
function joiningStreams(joining: BandProps['joining'], most: number, a: number): string[] {
  let left = 0;
  return joining.map(({ kilograms }) => {
    const wide = Math.max(2, Math.min(1, kilograms / most) * WIDE * BESIDE);
    const at = left;
    left += wide + 1;
    const edge = WIDE / 2 - a;
    return `M${at} 0 H${at + wide} L${edge} ${SHOULDER} L${edge} ${SHOULDER * 1.8} Z`;
  });
}

/** What is in the pot during a stage: its width is its mass, its colour how far it is cooked. */
export function RibbonBand(props: BandProps) {
  const { step, previous, most, isFullest, parts, joining, red, late, cooked, units } = props;
  const id = useId();
  const { palette } = useTheme().vars;
  const fullest = `fullest ${show.text(show.mass(most, units))}`;
  const room = parts ? 1 - 2 * BESIDE : 1;
  const half = (kg: number) => Math.max(1, (kg / most) * (WIDE / 2) * room);
  const { start, end } = inPot(step);
  const [a, b, c] = [half(inPot(previous).end), half(start), half(end)];
  const beside = step.asideAtEndKilograms;
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
          `In the pot: ${show.text(show.mass(start, units))}, then ${show.text(show.mass(end, units))}`,
          ...(beside > 0 ? [`${show.text(show.mass(beside, units))} beside it`] : []),
          ...joining.map((j) => `${j.name} joins`),
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
        {sideStream(step, previous, most, Math.min(b, c)).map((d) => (
          <path key={d} d={d} fill={palette.kitchen.brass} opacity={0.75} />
        ))}
        {joiningStreams(joining, most, Math.min(a, b)).map((d) => (
          <path key={d} d={d} fill={palette.kitchen.brassSoft} stroke={palette.kitchen.brass} />
        ))}
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
        <OnSauce>{show.text(show.mass(end, units))}</OnSauce>
      </RibbonFigure>
    </BandBox>
  );
}
