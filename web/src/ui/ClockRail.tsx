import { useTheme } from '@mui/material/styles';
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import type { CoursePoint } from '../api/client';

/** A corner of the limit: under it by then. */
export interface Corner {
  celsius: number;
  by: string;
  words: string;
}
export interface Read {
  at: string;
  celsius: number;
  struckOut?: boolean;
}

interface Props {
  /** Cold things are slate, hot things brass; what needs someone is tomato. */
  tone: 'cold' | 'hot' | 'alarm';
  from: number;
  until: number;
  nowAt: number;
  likely: CoursePoint[];
  slow: CoursePoint[];
  reads: Read[];
  /** The edge of the rule, from its start downwards; or one level that must not be undercut. */
  edge: { startsAt: string; celsius: number; corners: Corner[] } | { level: number; words: string };
  hour: (instant: number) => string;
  title: string;
}

const SIZE = { width: 430, height: 148 };
const EDGE = { left: 8, right: 8, top: 12, bottom: 22 };
const ms = (at: string) => new Date(at).getTime();

/** Temperature against time with the limit drawn as an edge. It answers: is it safe? */
export function ClockRail({
  tone,
  from,
  until,
  nowAt,
  likely,
  slow,
  reads,
  edge,
  hour,
  title,
}: Props) {
  const p = useTheme().vars.palette;
  const colour =
    tone === 'alarm' ? p.kitchen.tomato : tone === 'hot' ? p.kitchen.brass : p.kitchen.slate;
  const soft =
    tone === 'alarm'
      ? p.kitchen.tomatoSoft
      : tone === 'hot'
        ? p.kitchen.brassSoft
        : p.kitchen.slateSoft;
  const all = [
    ...likely.map((c) => c.celsius),
    ...reads.map((r) => r.celsius),
    'level' in edge ? edge.level : edge.celsius,
  ];
  const bottom = 'level' in edge ? Math.min(...all) - 8 : -4;
  const x = scaleTime([from, until], [EDGE.left, SIZE.width - EDGE.right]).clamp(true);
  const y = scaleLinear([bottom, Math.max(...all) + 4], [SIZE.height - EDGE.bottom, EDGE.top]);
  const within = (points: CoursePoint[]) => cut(points, until);
  const path = line<CoursePoint>(
    (c) => x(ms(c.at)),
    (c) => y(c.celsius),
  );
  const past = likely.filter((c) => ms(c.at) <= nowAt);
  const ahead = within([...past.slice(-1), ...likely.filter((c) => ms(c.at) > nowAt)]);
  const band = [...ahead, ...within(slow.filter((c) => ms(c.at) >= nowAt)).toReversed()];
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={title}
      width="100%"
      style={{ display: 'block' }}
    >
      {slow.length > 0 && <path d={path(band) ?? ''} fill={soft} opacity={0.8} />}
      {'level' in edge ? (
        <g>
          <line
            x1={EDGE.left}
            x2={SIZE.width - EDGE.right}
            y1={y(edge.level)}
            y2={y(edge.level)}
            stroke={p.text.primary}
            strokeWidth={1.8}
          />
          <text
            x={SIZE.width - EDGE.right}
            y={y(edge.level) + 14}
            textAnchor="end"
            fontSize={13}
            fontWeight={600}
            fill={p.text.primary}
          >
            {edge.words}
          </text>
        </g>
      ) : (
        <g>
          <path
            d={steps(edge, x, y)}
            fill="none"
            stroke={p.text.primary}
            strokeWidth={1.8}
            strokeLinejoin="round"
          />
        </g>
      )}
      <path d={path(past) ?? ''} fill="none" stroke={colour} strokeWidth={2.4} />
      <path
        d={path(ahead) ?? ''}
        fill="none"
        stroke={colour}
        strokeWidth={2.4}
        strokeDasharray="5 4"
      />
      {nowAt > from && nowAt < until && (
        <line
          x1={x(nowAt)}
          x2={x(nowAt)}
          y1={EDGE.top}
          y2={SIZE.height - EDGE.bottom}
          stroke={p.text.secondary}
          strokeWidth={1}
          strokeDasharray="1 3"
        />
      )}
      {reads.map((r) =>
        r.struckOut ? (
          <path
            key={r.at}
            d={`M${x(ms(r.at)) - 4} ${y(r.celsius) - 4}l8 8m0-8l-8 8`}
            stroke={p.text.secondary}
            strokeWidth={1.6}
          />
        ) : (
          <circle
            key={r.at}
            cx={x(ms(r.at))}
            cy={y(r.celsius)}
            r={4.5}
            fill={p.background.paper}
            stroke={colour}
            strokeWidth={2.2}
          />
        ),
      )}
      {'corners' in edge &&
        edge.corners.map((c, i) => (
          <CornerWords
            key={c.words}
            corner={c}
            x={Math.min(x(ms(c.by)), SIZE.width - EDGE.right)}
            y={
              (y(c.celsius) +
                y(i === 0 ? edge.celsius : (edge.corners[i - 1]?.celsius ?? c.celsius))) /
                2 +
              4
            }
            last={i === edge.corners.length - 1}
            ink={p.text.primary}
            ground={p.background.paper}
          />
        ))}
      {x
        .ticks(5)
        .filter((t) => x(t) > 24 && x(t) < SIZE.width - 24)
        .map((t) => (
          <text
            key={t.getTime()}
            x={x(t)}
            y={SIZE.height - 6}
            textAnchor="middle"
            fontSize={12.5}
            fill={p.text.secondary}
          >
            {hour(t.getTime())}
          </text>
        ))}
    </svg>
  );
}

/** What a corner asks for, readable also where the course runs through it. */
function CornerWords({
  corner,
  x,
  y,
  last,
  ink,
  ground,
}: {
  corner: Corner;
  x: number;
  y: number;
  last: boolean;
  ink: string;
  ground: string;
}) {
  return (
    <text
      x={x + (last ? -6 : 6)}
      y={y}
      textAnchor={last ? 'end' : 'start'}
      fontSize={13}
      fontWeight={600}
      fill={ink}
      stroke={ground}
      strokeWidth={7}
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      {corner.words}
    </text>
  );
}

/** Down to each mark when its time is over, and along it to the next. */
function steps(
  edge: { startsAt: string; celsius: number; corners: Corner[] },
  x: (at: number) => number,
  y: (celsius: number) => number,
): string {
  let d = `M${x(ms(edge.startsAt))} ${y(edge.celsius)}`;
  for (const c of edge.corners) d += `H${x(ms(c.by))}V${y(c.celsius)}`;
  return d;
}

/** A course up to the end of the picture, ended on its edge. */
function cut(points: CoursePoint[], until: number): CoursePoint[] {
  const out = points.findIndex((c) => ms(c.at) > until);
  if (out < 0) return points;
  const [before, after] = [points[out - 1], points[out]];
  if (!before || !after) return points.slice(0, out);
  const along = (until - ms(before.at)) / (ms(after.at) - ms(before.at));
  return [
    ...points.slice(0, out),
    {
      at: new Date(until).toISOString(),
      celsius: before.celsius + along * (after.celsius - before.celsius),
    },
  ];
}
