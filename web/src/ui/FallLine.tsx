import { useTheme } from '@mui/material/styles';
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import type { CurvePoint } from '../api/client';

export interface Mark {
  at: string;
  kilograms: number;
  struckOut?: boolean;
  odd?: boolean;
}

interface Props {
  likely: CurvePoint[];
  early: CurvePoint[];
  late: CurvePoint[];
  /** The fall as planned, where readings have corrected it. */
  planned?: CurvePoint[] | undefined;
  targetKilograms: number;
  targetLabel: string;
  readings?: Mark[];
  serveAt?: string | undefined;
  nowAt?: number | undefined;
  hour: (instant: number) => string;
  massText: (kilograms: number) => string;
  title: string;
  height?: number;
  /** Width in units of the drawing: small makes the words larger. */
  width?: number;
}

const EDGE = { left: 52, right: 14, top: 18, bottom: 24 };

/** Mass over clock time: prediction with its band, readings, target. It answers: when? */
export function FallLine(props: Props) {
  const {
    likely,
    early,
    late,
    planned,
    targetKilograms,
    readings = [],
    serveAt,
    nowAt,
    height = 190,
    width = 520,
  } = props;
  const p = useTheme().vars.palette;
  const ms = (c: { at: string }) => new Date(c.at).getTime();
  const ends = [...likely, ...late, ...(planned ?? [])].map(ms);
  if (serveAt) ends.push(new Date(serveAt).getTime());
  if (nowAt) ends.push(nowAt);
  const masses = [...likely, ...(planned ?? [])]
    .map((c) => c.massKilograms)
    .concat(readings.map((r) => r.kilograms));
  const span = Math.max(...masses) - targetKilograms || 1;
  const x = scaleTime(
    [Math.min(...likely.map(ms)), Math.max(...ends)],
    [EDGE.left, width - EDGE.right],
  );
  const y = scaleLinear(
    [targetKilograms - span * 0.25, Math.max(...masses) + span * 0.08],
    [height - EDGE.bottom, EDGE.top],
  );
  const path = line<CurvePoint>(
    (c) => x(ms(c)),
    (c) => y(c.massKilograms),
  );
  const band = [...early, ...late.toReversed()];
  const last = likely.at(-1);
  const ticks = x.ticks(5);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={props.title}
      width="100%"
      style={{ display: 'block' }}
    >
      {y.ticks(4).map((t) => (
        <g key={t}>
          <line
            x1={EDGE.left}
            x2={width - EDGE.right}
            y1={y(t)}
            y2={y(t)}
            stroke={p.divider}
            strokeWidth={1}
          />
          <text
            x={EDGE.left - 7}
            y={y(t) + 4}
            textAnchor="end"
            fontSize={12}
            fill={p.text.secondary}
          >
            {props.massText(t)}
          </text>
        </g>
      ))}
      {ticks.map((t) => (
        <text
          key={t.getTime()}
          x={x(t)}
          y={height - 7}
          textAnchor="middle"
          fontSize={12}
          fill={p.text.secondary}
        >
          {props.hour(t.getTime())}
        </text>
      ))}
      <path d={path(band) ?? ''} fill={p.kitchen.tomato} opacity={0.18} />
      {planned && (
        <path
          d={path(planned) ?? ''}
          fill="none"
          stroke={p.text.secondary}
          strokeWidth={1.5}
          strokeDasharray="2 4"
        />
      )}
      <line
        x1={EDGE.left}
        x2={width - EDGE.right}
        y1={y(targetKilograms)}
        y2={y(targetKilograms)}
        stroke={p.success.main}
        strokeWidth={1.8}
        strokeDasharray="5 4"
      />
      <text
        x={EDGE.left + 6}
        y={y(targetKilograms) + 15}
        fontSize={12}
        fontWeight={600}
        fill={p.success.main}
      >
        {props.targetLabel}
      </text>
      <path d={path(likely) ?? ''} fill="none" stroke={p.kitchen.tomato} strokeWidth={2.4} />
      {last && (
        <circle
          cx={x(ms(last))}
          cy={y(last.massKilograms)}
          r={5.5}
          fill={p.background.paper}
          stroke={p.kitchen.tomato}
          strokeWidth={2.4}
        />
      )}
      {nowAt && (
        <g>
          <line
            x1={x(nowAt)}
            x2={x(nowAt)}
            y1={EDGE.top}
            y2={height - EDGE.bottom}
            stroke={p.text.secondary}
            strokeWidth={1}
          />
          <text
            x={x(nowAt)}
            y={EDGE.top - 5}
            textAnchor="middle"
            fontSize={12}
            fill={p.text.secondary}
          >
            now
          </text>
        </g>
      )}
      {serveAt && (
        <g>
          <line
            x1={x(new Date(serveAt))}
            x2={x(new Date(serveAt))}
            y1={EDGE.top}
            y2={height - EDGE.bottom}
            stroke={p.text.primary}
            strokeWidth={2.5}
          />
          <text
            x={x(new Date(serveAt)) - 5}
            y={EDGE.top - 5}
            textAnchor="end"
            fontSize={12}
            fontWeight={700}
            fill={p.text.primary}
          >
            serve
          </text>
        </g>
      )}
      {readings.map((r) => (
        <ReadingMark
          key={r.at}
          x={x(ms(r))}
          y={y(r.kilograms)}
          mark={r}
          colour={r.odd ? p.warning.main : p.text.primary}
          ground={p.background.paper}
        />
      ))}
    </svg>
  );
}

function ReadingMark({
  x,
  y,
  mark,
  colour,
  ground,
}: {
  x: number;
  y: number;
  mark: Mark;
  colour: string;
  ground: string;
}) {
  if (mark.struckOut)
    return (
      <path
        data-reading="struck out"
        d={`M${x - 4} ${y - 4}l8 8m0-8l-8 8`}
        stroke={colour}
        strokeWidth={1.6}
        opacity={0.6}
      />
    );
  return (
    <path
      data-reading="counts"
      d={`M${x} ${y - 6}l6 6l-6 6l-6-6z`}
      fill={ground}
      stroke={colour}
      strokeWidth={2.2}
    />
  );
}
