import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { PiecesView } from '../../../api/client';
import { LETTERS, Picture } from '../../../ui/Picture';
import { short } from './hours';

const HEIGHT = 230;
const EDGE = { left: 44, right: 20, top: 14, bottom: 30 };
type Point = PiecesView['course'][number];

interface Props {
  pieces: PiecesView;
  degrees: (celsius: number) => string;
}

const STEPS_S = [15, 30, 60, 120, 300, 600, 1200, 3600];

/** Whole steps of a clock, none so late that its words would be cut. */
function marks(end: number, most: number): number[] {
  const step = STEPS_S.find((s) => end / s <= most) ?? end;
  return Array.from({ length: Math.floor((0.97 * end) / step) + 1 }, (_, i) => i * step);
}

/** The core by time with its band, the taste's core and the code's, and when each is met. */
export function CorePicture({ pieces, degrees }: Props) {
  const p = useTheme().vars.palette;
  const { course, rule, core, outSeconds } = pieces;
  const end = course.at(-1)?.seconds ?? 1;
  const cold = Math.min(...course.map((c) => c.slowCelsius));
  const hot = Math.max(...course.map((c) => c.fastCelsius), rule?.coreCelsius ?? 0);
  return (
    <Picture
      title={`Core: ${degrees(pieces.coreCelsius)} after ${short(core.likelySeconds)}, out after ${short(outSeconds)}${rule ? `; by the code ${degrees(rule.coreCelsius)}, met after ${short(rule.enoughSeconds)}` : ''}.`}
      height={HEIGHT}
    >
      {(width) => {
        const x = scaleLinear([0, end], [EDGE.left, width - EDGE.right]);
        const y = scaleLinear([cold, hot + 4], [HEIGHT - EDGE.bottom, EDGE.top]);
        const band = area<Point>(
          (c) => x(c.seconds),
          (c) => y(c.slowCelsius),
          (c) => y(c.fastCelsius),
        );
        const likely = line<Point>(
          (c) => x(c.seconds),
          (c) => y(c.likelyCelsius),
        );
        const floor = HEIGHT - EDGE.bottom;
        const ticks = marks(end, Math.max(3, Math.floor(width / 110)));
        return (
          <>
            <path d={band(course) ?? ''} fill={p.kitchen.tomatoSoft} />
            <path
              d={likely(course) ?? ''}
              fill="none"
              stroke={p.kitchen.tomato}
              strokeWidth={2.5}
            />
            <Level
              y={y(pieces.coreCelsius)}
              from={EDGE.left}
              to={width - EDGE.right}
              words={`taste ${degrees(pieces.coreCelsius)}`}
              under={rule !== undefined && pieces.coreCelsius < rule.coreCelsius}
              colour={p.kitchen.brass}
            />
            {rule && (
              <Level
                y={y(rule.coreCelsius)}
                from={EDGE.left}
                to={width - EDGE.right}
                words={`code ${degrees(rule.coreCelsius)}`}
                under={rule.coreCelsius <= pieces.coreCelsius}
                colour={p.kitchen.slate}
                dashed
              />
            )}
            <Upright x={x(outSeconds)} floor={floor} colour={p.kitchen.brass} />
            {rule && rule.enoughSeconds <= end && (
              <Upright x={x(rule.enoughSeconds)} floor={floor} colour={p.kitchen.slate} dashed />
            )}
            {ticks.map((t) => (
              <text
                key={t}
                x={x(t)}
                y={floor + 18}
                fontSize={LETTERS}
                fill={p.text.secondary}
                textAnchor="middle"
              >
                {t === 0 ? '0' : short(t)}
              </text>
            ))}
          </>
        );
      }}
    </Picture>
  );
}

interface LevelProps {
  y: number;
  from: number;
  to: number;
  words: string;
  colour: string;
  /** Its words below the line: the other level lies above it. */
  under: boolean;
  dashed?: boolean;
}
function Level({ y, from, to, words, colour, under, dashed = false }: LevelProps) {
  return (
    <g>
      <line
        x1={from}
        x2={to}
        y1={y}
        y2={y}
        stroke={colour}
        strokeDasharray={dashed ? '5 4' : undefined}
      />
      <text
        x={dashed ? to - 4 : from + 4}
        y={under ? y + LETTERS + 2 : y - 5}
        fontSize={LETTERS}
        fill={colour}
        textAnchor={dashed ? 'end' : 'start'}
      >
        {words}
      </text>
    </g>
  );
}

function Upright(props: { x: number; floor: number; colour: string; dashed?: boolean }) {
  return (
    <line
      x1={props.x}
      x2={props.x}
      y1={EDGE.top}
      y2={props.floor}
      stroke={props.colour}
      strokeWidth={2}
      strokeDasharray={props.dashed ? '5 4' : undefined}
    />
  );
}
