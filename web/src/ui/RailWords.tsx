import { useTheme } from '@mui/material/styles';
import type { ScaleLinear, ScaleTime } from 'd3-scale';
import { LETTERS, unlike } from './Picture';
import { ms, type Edge } from './railEdge';

export const RAIL_HEIGHT = 148;
export const RAIL_MARGIN = { left: 8, right: 8, top: 12, bottom: 22 };

/** Where hours and degrees lie in a rail. */
export interface RailScales {
  x: ScaleTime<number, number>;
  y: ScaleLinear<number, number>;
  width: number;
}
interface Part extends RailScales {
  edge: Edge;
  hour: (instant: number) => string;
}

/** What the limit asks for, on its free side where the course does not run. */
export function RailWords({ edge, x, y, width }: Part) {
  const p = useTheme().vars.palette;
  const words =
    'level' in edge
      ? [{ words: edge.words, x: width - RAIL_MARGIN.right, y: y(edge.level) + 16, end: true }]
      : edge.corners.map((c, i) => {
          const right = Math.min(x(ms(c.by)), width - RAIL_MARGIN.right);
          const above = i === 0 ? edge.celsius : (edge.corners[i - 1]?.celsius ?? c.celsius);
          const end = i === edge.corners.length - 1;
          return {
            words: c.words,
            x: right + (end ? -6 : 6),
            y: (y(c.celsius) + y(above)) / 2 + 4,
            end,
          };
        });
  return words.map((w) => (
    <text
      key={w.words}
      x={w.x}
      y={w.y}
      textAnchor={w.end ? 'end' : 'start'}
      fontSize={LETTERS}
      fontWeight={600}
      fill={p.text.primary}
      stroke={p.background.paper}
      strokeWidth={7}
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      {w.words}
    </text>
  ));
}

/** The hours below a rail. */
export function RailHours({ hour, x, width }: Part) {
  const p = useTheme().vars.palette;
  return unlike(x.ticks(Math.max(2, width / 90)), (t) => hour(t.getTime()))
    .filter((t) => x(t) > 24 && x(t) < width - 24)
    .map((t) => (
      <text
        key={t.getTime()}
        x={x(t)}
        y={RAIL_HEIGHT - 6}
        textAnchor="middle"
        fontSize={LETTERS}
        fill={p.text.secondary}
      >
        {hour(t.getTime())}
      </text>
    ));
}
