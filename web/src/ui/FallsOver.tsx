import { useTheme } from '@mui/material/styles';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { LETTERS, Picture, unlike } from './Picture';

/** One batch as it fell: minutes from the simmer on, mass as a share of its start. */
export interface Fall {
  id: string;
  name: string;
  points: { minute: number; share: number }[];
  reads: { minute: number; share: number }[];
}

const HEIGHT = 280;
const EDGE = { left: 46, right: 24, top: 14, bottom: 30 };
const DASHES = ['', '7 4', '2 4', '10 3 2 3'];
/** The dash of a line by its place, so that colour is not needed. */
export const dashOf = (place: number): string => DASHES[place % DASHES.length] ?? '';

interface Scales {
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
  width: number;
}

/** Fall lines laid over each other; each has its own dash and its name above its end. */
export function FallsOver({ falls, title }: { falls: Fall[]; title: string }) {
  const all = falls.flatMap((f) => [...f.points, ...f.reads]);
  const longest = Math.max(10, ...all.map((c) => c.minute));
  const least = Math.min(0.9, ...all.map((c) => c.share)) - 0.04;
  return (
    <Picture title={title} height={HEIGHT} width={640}>
      {(width) => {
        const x = scaleLinear([0, longest], [EDGE.left, width - EDGE.right]);
        const y = scaleLinear([least, 1.02], [HEIGHT - EDGE.bottom, EDGE.top]);
        const ends = apart(falls.map((f) => y(f.points.at(-1)?.share ?? 1)));
        return (
          <>
            <Axes x={x} y={y} width={width} />
            {falls.map((f, i) => (
              <OneFall
                key={f.id}
                fall={f}
                place={i}
                nameAt={ends[i] ?? 0}
                x={x}
                y={y}
                width={width}
              />
            ))}
          </>
        );
      }}
    </Picture>
  );
}

function Axes({ x, y, width }: Scales) {
  const p = useTheme().vars.palette;
  const percent = (t: number) => `${Math.round(t * 100)} %`;
  return (
    <g fontSize={LETTERS} fill={p.text.secondary}>
      {unlike(y.ticks(5), percent).map((t) => (
        <g key={t}>
          <line x1={EDGE.left} x2={width - EDGE.right} y1={y(t)} y2={y(t)} stroke={p.divider} />
          <text x={EDGE.left - 6} y={y(t) + 4} textAnchor="end">
            {percent(t)}
          </text>
        </g>
      ))}
      {x.ticks(Math.max(2, width / 100)).map((t) => (
        <text key={t} x={x(t)} y={HEIGHT - 10} textAnchor="middle">
          {t} min
        </text>
      ))}
    </g>
  );
}

interface OneProps extends Scales {
  fall: Fall;
  place: number;
  nameAt: number;
}
function OneFall({ fall: f, place, nameAt, x, y }: OneProps) {
  const p = useTheme().vars.palette;
  const colours = [p.kitchen.tomato, p.kitchen.slate, p.kitchen.basil, p.kitchen.brass];
  const colour = colours[place % colours.length] ?? p.text.primary;
  const last = f.points.at(-1);
  const path = line<{ minute: number; share: number }>(
    (c) => x(c.minute),
    (c) => y(c.share),
  );
  return (
    <g>
      <path
        d={path(f.points) ?? ''}
        fill="none"
        stroke={colour}
        strokeWidth={2.4}
        strokeDasharray={dashOf(place)}
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
          x={x(last.minute)}
          y={nameAt - 8}
          textAnchor="end"
          fontSize={LETTERS}
          fontWeight={600}
          fill={colour}
          stroke={p.background.paper}
          strokeWidth={5}
          paintOrder="stroke"
        >
          {f.name}
        </text>
      )}
    </g>
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
