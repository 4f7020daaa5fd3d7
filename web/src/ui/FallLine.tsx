import { useTheme } from '@mui/material/styles';
import { scaleLinear, scaleTime, type ScaleLinear, type ScaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import type { CurvePoint } from '../api/client';
import { ReadingMark } from './FallMark';
import { LETTERS, Picture, unlike } from './Picture';

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
  /** What it is like when it is served: how much time is left, how thick it is then. */
  serveWords?: string | undefined;
  nowAt?: number | undefined;
  hour: (instant: number) => string;
  massText: (kilograms: number) => string;
  title: string;
  height?: number;
}

const EDGE = { left: 52, right: 14, top: 20, bottom: 24 };
const ms = (c: { at: string }) => Date.parse(c.at);

interface Drawn {
  x: ScaleTime<number, number>;
  y: ScaleLinear<number, number>;
  width: number;
  height: number;
}

/** Where hours and masses lie in the picture. */
function drawn(props: Props, width: number, height: number): Drawn {
  const { likely, late, planned = [], readings = [], targetKilograms, serveAt, nowAt } = props;
  const ends = [...likely, ...late, ...planned].map(ms);
  if (serveAt) ends.push(Date.parse(serveAt));
  if (nowAt) ends.push(nowAt);
  const masses = [
    ...[...likely, ...planned].map((c) => c.massKilograms),
    ...readings.map((r) => r.kilograms),
  ];
  const most = Math.max(...masses);
  // Pieces that are lifted out for a while make the pot lighter than it ends.
  const least = Math.min(targetKilograms, ...masses);
  const span = most - least || 1;
  return {
    x: scaleTime([Math.min(...likely.map(ms)), Math.max(...ends)], [EDGE.left, width - EDGE.right]),
    y: scaleLinear([least - span * 0.25, most + span * 0.08], [height - EDGE.bottom, EDGE.top]),
    width,
    height,
  };
}

/** Mass over clock time: prediction with its band, readings, target. It answers: when? */
export function FallLine(props: Props) {
  const { title, height = 190, readings = [] } = props;
  const p = useTheme().vars.palette;
  return (
    <Picture title={title} height={height}>
      {(width) => {
        const at = drawn(props, width, height);
        return (
          <>
            <Axes {...props} at={at} />
            <Curves {...props} at={at} />
            <Uprights {...props} at={at} />
            {readings.map((r) => (
              <ReadingMark
                key={r.at}
                x={at.x(ms(r))}
                y={at.y(r.kilograms)}
                mark={r}
                colour={r.odd ? p.warning.main : p.text.primary}
                ground={p.background.paper}
              />
            ))}
          </>
        );
      }}
    </Picture>
  );
}

type Part = Props & { at: Drawn };

function Axes({ hour, massText, at: { x, y, width, height } }: Part) {
  const p = useTheme().vars.palette;
  return (
    <g fontSize={LETTERS} fill={p.text.secondary}>
      {unlike(y.ticks(4), massText).map((t) => (
        <g key={t}>
          <line
            x1={EDGE.left}
            x2={width - EDGE.right}
            y1={y(t)}
            y2={y(t)}
            stroke={p.divider}
            strokeWidth={1}
          />
          <text x={EDGE.left - 7} y={y(t) + 4} textAnchor="end">
            {massText(t)}
          </text>
        </g>
      ))}
      {unlike(x.ticks(Math.max(2, width / 90)), (t) => hour(t.getTime()))
        .filter((t) => x(t) < width - 20)
        .map((t) => (
          <text key={t.getTime()} x={x(t)} y={height - 7} textAnchor="middle">
            {hour(t.getTime())}
          </text>
        ))}
    </g>
  );
}

function Curves({ likely, early, late, planned, targetKilograms, targetLabel, at }: Part) {
  const p = useTheme().vars.palette;
  const { x, y, width } = at;
  const path = line<CurvePoint>(
    (c) => x(ms(c)),
    (c) => y(c.massKilograms),
  );
  const last = likely.at(-1);
  const edge = { fill: 'none', stroke: p.kitchen.tomato, strokeWidth: 1, strokeOpacity: 0.75 };
  return (
    <>
      <path
        d={path([...early, ...late.toReversed()]) ?? ''}
        fill={p.kitchen.tomato}
        opacity={0.18}
      />
      <path d={path(early) ?? ''} {...edge} />
      <path d={path(late) ?? ''} {...edge} />
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
        fontSize={LETTERS}
        fontWeight={600}
        fill={p.success.main}
      >
        {targetLabel}
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
    </>
  );
}

/** Now, and the hour at which it is wanted with what it is like then. */
function Uprights({ nowAt, serveAt, serveWords, at: { x, height } }: Part) {
  const p = useTheme().vars.palette;
  const upright = { y1: EDGE.top, y2: height - EDGE.bottom };
  const served = serveAt === undefined ? undefined : x(Date.parse(serveAt));
  return (
    <>
      {nowAt !== undefined && x(nowAt) >= EDGE.left && (
        <g fontSize={LETTERS}>
          <line {...upright} x1={x(nowAt)} x2={x(nowAt)} stroke={p.text.secondary} />
          <text x={x(nowAt)} y={EDGE.top - 6} textAnchor="middle" fill={p.text.secondary}>
            now
          </text>
        </g>
      )}
      {served !== undefined && (
        <g fontSize={LETTERS}>
          <line {...upright} x1={served} x2={served} stroke={p.text.primary} strokeWidth={2.5} />
          <text x={served + 4} y={EDGE.top - 6} textAnchor="end" fill={p.text.primary}>
            <tspan fontWeight={700}>serve</tspan>
            {serveWords ? ` ${serveWords}` : ''}
          </text>
        </g>
      )}
    </>
  );
}
