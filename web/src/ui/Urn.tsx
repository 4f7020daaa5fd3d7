import { useTheme } from '@mui/material/styles';
import { useId } from 'react';

export interface PotShape {
  shape: 'ROUND' | 'RECTANGULAR';
  firstWidthMeters: number;
  secondWidthMeters: number;
  depthMeters: number;
}
export interface Level {
  depthMeters: number;
  label: string;
  kind: 'start' | 'now' | 'wanted' | 'headroom';
}

interface Props {
  shape: PotShape;
  fillMeters: number;
  /** Share of the solids: thicker sauce is darker and its texture denser. */
  thickness?: number;
  levels?: Level[];
  title: string;
  /** Width of the pot in units of the drawing: small leaves more room for the words. */
  drawnWidth?: number;
  /** Size of the words in units of the drawing. */
  wordSize?: number;
  small?: boolean;
  caption?: string;
}

/** Free space beside the pot and its width, in units of the drawing: for drawing several to one scale. */
export const URN_SIDE = 34;
export const URN_WIDTH = 330;
const MARGIN = { side: URN_SIDE, top: 8, bottom: 6 };
/** Width of a letter and distance of lines, as shares of the size of the words. */
const LETTER = 0.61;
const LINE = 1.4;
const CAPTION_ROOM = 20;
/** Only the level in a real pot sinks smoothly; a plan follows the fingers. */
const SINKING = { transition: 'y 1s ease' };

/** Widths of the section: at the bottom and at the rim; of a rectangular one, along its length. */
export const sectionOf = (pot: PotShape) => ({
  base: pot.firstWidthMeters,
  top: pot.shape === 'ROUND' ? pot.secondWidthMeters : pot.firstWidthMeters,
});

/** Side section of the cook's real pot, to scale. */
export function Urn({
  shape,
  fillMeters,
  thickness = 0.08,
  levels = [],
  title,
  drawnWidth = URN_WIDTH,
  wordSize = 13.5,
  small = false,
  caption,
}: Props) {
  const id = useId();
  const p = useTheme().vars.palette;
  const section = sectionOf(shape);
  const unit = (meters: number) => (meters / Math.max(section.base, section.top)) * drawnWidth;
  const base = unit(section.base);
  const top = unit(section.top);
  const height = unit(shape.depthMeters);
  const widest = Math.max(base, top);
  const stroke = small ? 6 : 4;
  const middle = MARGIN.side + widest / 2;
  const floor = MARGIN.top + height;
  const y = (meters: number) => floor - unit(meters);
  const inside = `M${middle - top / 2} ${MARGIN.top} L${middle - base / 2} ${floor} H${middle + base / 2} L${middle + top / 2} ${MARGIN.top}`;
  const gap = Math.max(9, 26 - thickness * 120);
  const labels = spread(
    levels.map((l) => ({ ...l, y: y(l.depthMeters) })),
    wordSize * LINE,
    floor + MARGIN.bottom - wordSize * 0.5,
  );
  const longest = Math.max(0, ...levels.map((l) => l.label.length));
  const width = widest + MARGIN.side * 2 + longest * wordSize * LETTER;
  const live = levels.some((l) => l.kind === 'now');
  const colour = {
    start: p.text.primary,
    now: p.text.primary,
    wanted: p.success.main,
    headroom: p.text.secondary,
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${floor + MARGIN.bottom + (caption ? CAPTION_ROOM : 0)}`}
      role="img"
      aria-label={title}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMax meet"
    >
      <defs>
        <linearGradient id={`${id}s`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={p.kitchen.sauce1} />
          <stop offset="1" stopColor={p.kitchen.sauce2} />
        </linearGradient>
        <pattern id={`${id}t`} width={gap} height={gap * 0.7} patternUnits="userSpaceOnUse">
          <path
            d={`M3 6q4-3 8 0`}
            stroke={p.background.paper}
            strokeOpacity=".25"
            fill="none"
            strokeWidth="1.6"
            strokeLinecap="round"
          />
        </pattern>
        <clipPath id={`${id}c`}>
          <path d={`${inside} Z`} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}c)`}>
        <rect x={0} y={0} width={width} height={floor} fill={p.kitchen.well} opacity={0.55} />
        {levels
          .filter((l) => l.kind === 'start')
          .map((l) => (
            <rect
              key={l.kind}
              x={0}
              y={y(l.depthMeters)}
              width={width}
              height={floor - y(l.depthMeters)}
              fill={p.kitchen.sauce1}
              opacity={0.16}
            />
          ))}
        {['s', 't'].map((layer) => (
          <rect
            key={layer}
            x={0}
            y={y(fillMeters)}
            width={width}
            height={floor}
            fill={`url(#${id}${layer})`}
            style={live ? SINKING : undefined}
          />
        ))}
      </g>
      <path
        d={inside}
        fill="none"
        stroke={p.kitchen.steel}
        strokeWidth={stroke}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <path
        d={`M${middle - top / 2 - 9} ${MARGIN.top}h12M${middle + top / 2 - 3} ${MARGIN.top}h12`}
        stroke={p.kitchen.steel}
        strokeWidth={stroke}
        strokeLinecap="round"
      />
      {!small &&
        [-1, 1].map((side) => (
          <path
            key={side}
            d={`M${middle + side * (top / 2 + 3)} ${MARGIN.top + height * 0.15}q${side * 20} 0 ${side * 20} 11t${side * -20} 11`}
            fill="none"
            stroke={p.kitchen.steel}
            strokeWidth={stroke}
          />
        ))}
      {caption && (
        <text
          x={middle}
          y={floor + CAPTION_ROOM}
          textAnchor="middle"
          fontSize={12.5}
          fill={p.text.secondary}
        >
          {caption}
        </text>
      )}
      {labels.map((l) => (
        <g key={l.kind}>
          <path
            d={`M${middle - top / 2} ${l.y}H${middle + widest / 2 + 24}L${middle + widest / 2 + 32} ${l.labelY}`}
            fill="none"
            stroke={colour[l.kind]}
            strokeWidth={1.8}
            strokeDasharray={l.kind === 'wanted' || l.kind === 'headroom' ? '5 4' : undefined}
          />
          <text
            x={middle + widest / 2 + 37}
            y={l.labelY + 5}
            fontSize={wordSize}
            fontWeight={600}
            fill={colour[l.kind]}
          >
            {l.label}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Keeps the labels of near levels apart, and all of them above the lower edge. */
function spread<T extends { y: number }>(
  levels: T[],
  gap: number,
  edge: number,
): (T & { labelY: number })[] {
  let last = -Infinity;
  const down = levels
    .toSorted((a, b) => a.y - b.y)
    .map((l) => {
      last = Math.max(l.y, last + gap);
      return { ...l, labelY: last };
    });
  return down.map((l, i) => ({
    ...l,
    labelY: Math.min(l.labelY, edge - (down.length - 1 - i) * gap),
  }));
}
