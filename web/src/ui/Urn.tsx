import { useTheme } from '@mui/material/styles';
import { useId } from 'react';
import { UrnPot } from './UrnPot';
import { LETTERS } from './Picture';
import { sectionOf, spread, URN_SIDE, URN_WIDTH, type Level, type PotShape } from './urnShape';
import { useRoom } from './useRoom';

export type { Level, PotShape } from './urnShape';

interface Props {
  shape: PotShape;
  fillMeters: number;
  /** Share of the solids: thicker sauce is darker and its texture denser. */
  thickness?: number;
  levels?: Level[];
  title: string;
  /** Width of the pot in units of the drawing, where it has no words. */
  drawnWidth?: number;
  /** Size of the words, px. */
  wordSize?: number;
  small?: boolean;
  caption?: string;
}

const MARGIN = { side: URN_SIDE, top: 8, bottom: 6 };
/** Width of a letter and distance of lines, as shares of the size of the words. */
const LETTER = 0.61;
const LINE = 1.4;
const CAPTION_ROOM = 20;
/** Size of the words and the least width of a pot beside them, px. */
const WORDS = 13;
const LEAST = 60;

/** Side section of the cook's real pot, to scale. Where it has words they keep their size. */
export function Urn(props: Props) {
  const { levels = [], caption, small = false } = props;
  const isWritten = !small && (levels.length > 0 || caption !== undefined);
  return isWritten ? <Written {...props} /> : <Drawn {...props} />;
}

const wordsRoom = (levels: Level[], size: number) =>
  Math.max(0, ...levels.map((l) => l.label.length)) * size * LETTER;

/** Drawn in real pixels: the pot takes the room that its words leave. */
function Written(props: Props) {
  const { shape, levels = [], caption, wordSize = WORDS, drawnWidth = URN_WIDTH } = props;
  const { box, room } = useRoom({ width: 0, height: 0 });
  const section = sectionOf(shape);
  const widest = Math.max(section.base, section.top);
  const high = room.height - MARGIN.top - MARGIN.bottom - (caption ? CAPTION_ROOM : 0);
  const wide = room.width - 2 * MARGIN.side - wordsRoom(levels, wordSize);
  const fits = Math.max(LEAST, Math.min(wide, (high / shape.depthMeters) * widest));
  return (
    <div ref={box} style={{ height: '100%', minWidth: 0 }}>
      <Drawn {...props} drawnWidth={room.width > 0 ? fits : drawnWidth} isReal />
    </div>
  );
}

function Drawn(props: Props & { isReal?: boolean }) {
  const { shape, levels = [], title, drawnWidth = URN_WIDTH, caption, isReal = false } = props;
  const { wordSize = WORDS, small = false } = props;
  const id = useId();
  const p = useTheme().vars.palette;
  const section = sectionOf(shape);
  const unit = (meters: number) => (meters / Math.max(section.base, section.top)) * drawnWidth;
  const base = unit(section.base);
  const top = unit(section.top);
  const widest = Math.max(base, top);
  const middle = MARGIN.side + widest / 2;
  const floor = MARGIN.top + unit(shape.depthMeters);
  const y = (meters: number) => floor - unit(meters);
  // In small the picture speaks for itself: its levels are drawn and not written.
  const written = small ? [] : levels;
  const width = widest + MARGIN.side * 2 + wordsRoom(written, wordSize);
  const height = floor + MARGIN.bottom + (caption ? CAPTION_ROOM : 0);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={title}
      width={isReal ? width : '100%'}
      height={isReal ? height : '100%'}
      preserveAspectRatio="xMidYMax meet"
      style={{ display: 'block', margin: '0 auto' }}
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
          fontSize={LETTERS}
          fill={p.text.secondary}
        >
          {caption}
        </text>
      )}
      {spread(
        written.map((l) => ({ ...l, y: y(l.depthMeters) })),
        wordSize * LINE,
        floor + MARGIN.bottom - wordSize * 0.5,
      ).map((l) => (
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
