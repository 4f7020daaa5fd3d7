import { useTheme } from '@mui/material/styles';
import { useId } from 'react';
import { UrnPot } from './UrnPot';
import { sectionOf, spread, URN_SIDE, URN_WIDTH, type Level, type PotShape } from './urnShape';

export type { Level, PotShape } from './urnShape';

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

const MARGIN = { side: URN_SIDE, top: 8, bottom: 6 };
/** Width of a letter and distance of lines, as shares of the size of the words. */
const LETTER = 0.61;
const LINE = 1.4;
const CAPTION_ROOM = 20;

/** Side section of the cook's real pot, to scale. */
export function Urn(props: Props) {
  const { shape, levels = [], title, drawnWidth = URN_WIDTH, caption } = props;
  const { wordSize = 13.5, small = false } = props;
  const id = useId();
  const p = useTheme().vars.palette;
  const section = sectionOf(shape);
  const unit = (meters: number) => (meters / Math.max(section.base, section.top)) * drawnWidth;
  const base = unit(section.base);
  const top = unit(section.top);
  const height = unit(shape.depthMeters);
  const widest = Math.max(base, top);
  const middle = MARGIN.side + widest / 2;
  const floor = MARGIN.top + height;
  const y = (meters: number) => floor - unit(meters);
  // In small the picture speaks for itself: its levels are drawn and not written.
  const written = small ? [] : levels;
  const labels = spread(
    written.map((l) => ({ ...l, y: y(l.depthMeters) })),
    wordSize * LINE,
    floor + MARGIN.bottom - wordSize * 0.5,
  );
  const longest = Math.max(0, ...written.map((l) => l.label.length));
  const width = widest + MARGIN.side * 2 + longest * wordSize * LETTER;
  return (
    <svg
      viewBox={`0 0 ${width} ${floor + MARGIN.bottom + (caption ? CAPTION_ROOM : 0)}`}
      role="img"
      aria-label={title}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMax meet"
    >
      <UrnPot
        id={id}
        at={{ middle, floor, base, top, rim: MARGIN.top, width, y }}
        fillMeters={props.fillMeters}
        thickness={props.thickness ?? 0.08}
        levels={levels}
        small={small}
      />
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
        <Word
          key={l.kind}
          level={l}
          left={middle - top / 2}
          right={middle + widest / 2}
          size={wordSize}
        />
      ))}
    </svg>
  );
}

interface WordProps {
  level: Level & { y: number; labelY: number };
  left: number;
  right: number;
  size: number;
}
/** A level across the pot, seen on whatever sauce lies behind it, with its words beside the pot. */
function Word({ level: l, left, right, size }: WordProps) {
  const p = useTheme().vars.palette;
  const colour = {
    start: p.text.primary,
    now: p.text.primary,
    wanted: p.success.main,
    headroom: p.text.secondary,
  }[l.kind];
  const dash = l.kind === 'wanted' || l.kind === 'headroom' ? '5 4' : undefined;
  return (
    <g>
      <path d={`M${left} ${l.y}H${right}`} stroke={p.background.paper} strokeWidth={5} />
      <path
        d={`M${left} ${l.y}H${right + 24}L${right + 32} ${l.labelY}`}
        fill="none"
        stroke={colour}
        strokeWidth={1.8}
        strokeDasharray={dash}
      />
      <text x={right + 37} y={l.labelY + 5} fontSize={size} fontWeight={600} fill={colour}>
        {l.label}
      </text>
    </g>
  );
}
