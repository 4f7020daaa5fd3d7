import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

/** One batch as it fell: minutes from the simmer on, mass as a share of its start. */
export interface Fall {
  id: string;
  name: string;
  points: { minute: number; share: number }[];
  reads: { minute: number; share: number }[];
}

const SIZE = { width: 640, height: 260 };
const EDGE = { left: 46, right: 120, top: 14, bottom: 30 };
const DASHES = ['', '7 4', '2 4', '10 3 2 3'];

/** Fall lines laid over each other; each has its own dash and its name at its end, so that colour is not needed. */
export function FallsOver({ falls, title }: { falls: Fall[]; title: string }) {
  const p = useTheme().vars.palette;
  const colours = [p.kitchen.tomato, p.kitchen.slate, p.kitchen.basil, p.kitchen.brass];
  const all = falls.flatMap((f) => [...f.points, ...f.reads]);
  const x = scaleLinear(
    [0, Math.max(10, ...all.map((c) => c.minute))],
    [EDGE.left, SIZE.width - EDGE.right],
  );
  const y = scaleLinear(
    [Math.min(0.9, ...all.map((c) => c.share)) - 0.04, 1.02],
    [SIZE.height - EDGE.bottom, EDGE.top],
  );
  const path = line<{ minute: number; share: number }>(
    (c) => x(c.minute),
    (c) => y(c.share),
  );
  const ends = apart(falls.map((f) => y(f.points.at(-1)?.share ?? 1)));
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={title}
      width="100%"
      style={{ display: 'block' }}
    >
      {y.ticks(5).map((t) => (
        <g key={t}>
          <line
            x1={EDGE.left}
            x2={SIZE.width - EDGE.right}
            y1={y(t)}
            y2={y(t)}
            stroke={p.divider}
          />
          <text
            x={EDGE.left - 6}
            y={y(t) + 4}
            textAnchor="end"
            fontSize={12}
            fill={p.text.secondary}
          >
            {Math.round(t * 100)} %
          </text>
        </g>
      ))}
      {x.ticks(6).map((t) => (
        <text
          key={t}
          x={x(t)}
          y={SIZE.height - 10}
          textAnchor="middle"
          fontSize={12}
          fill={p.text.secondary}
        >
          {t} min
        </text>
      ))}
      {falls.map((f, i) => {
        const colour = colours[i % colours.length] ?? p.text.primary;
        const last = f.points.at(-1);
        return (
          <g key={f.id}>
            <path
              d={path(f.points) ?? ''}
              fill="none"
              stroke={colour}
              strokeWidth={2.4}
              strokeDasharray={DASHES[i % DASHES.length]}
            />
            {f.reads.map((r) => (
              <path
                key={`${r.minute} ${r.share}`}
                d={`M${x(r.minute)} ${y(r.share) - 5}l5 5l-5 5l-5-5z`}
                fill={p.background.paper}
                stroke={colour}
                strokeWidth={2}
              />
            ))}
            {last && (
              <text
                x={x(last.minute) + 8}
                y={(ends[i] ?? 0) + 4}
                fontSize={12.5}
                fontWeight={600}
                fill={colour}
              >
                {f.name}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

const APART = 16;

/** Places of the names, none on another. */
function apart(ends: number[]): number[] {
  const order = ends.map((y, i) => ({ y, i })).toSorted((a, b) => a.y - b.y);
  let lowest = -Infinity;
  const placed = [...ends];
  for (const { y, i } of order) {
    lowest = Math.max(y, lowest + APART);
    placed[i] = lowest;
  }
  return placed;
}
