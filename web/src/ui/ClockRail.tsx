import { useTheme } from '@mui/material/styles';
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { useId } from 'react';
import type { CoursePoint } from '../api/client';
import { Picture } from './Picture';
import { RAIL_HEIGHT, RAIL_MARGIN, RailHours, RailWords, type RailScales } from './RailWords';
import { cut, forbidden, ms, type Edge } from './railEdge';

export type { Corner } from './railEdge';

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
  edge: Edge;
  hour: (instant: number) => string;
  title: string;
}

const HEIGHT = RAIL_HEIGHT;
const MARGIN = RAIL_MARGIN;

function scales({ from, until, likely, reads, edge }: Props, width: number): RailScales {
  const all = [
    ...likely.map((c) => c.celsius),
    ...reads.map((r) => r.celsius),
    'level' in edge ? edge.level : edge.celsius,
  ];
  const bottom = 'level' in edge ? Math.min(...all) - 8 : -4;
  return {
    x: scaleTime([from, until], [MARGIN.left, width - MARGIN.right]).clamp(true),
    y: scaleLinear([bottom, Math.max(...all) + 4], [HEIGHT - MARGIN.bottom, MARGIN.top]),
    width,
  };
}

/** Temperature against time, the forbidden side of the limit hatched. It answers: is it safe? */
export function ClockRail(props: Props) {
  return (
    <Picture title={props.title} height={HEIGHT} width={430}>
      {(width) => {
        const at = scales(props, width);
        return (
          <>
            <Forbidden {...props} {...at} />
            <Course {...props} {...at} />
            <Limit {...props} {...at} />
            <Reads {...props} {...at} />
            <RailWords {...props} {...at} />
            <RailHours {...props} {...at} />
          </>
        );
      }}
    </Picture>
  );
}

type Part = Props & RailScales;

function useTone(tone: Props['tone']) {
  const { kitchen: k } = useTheme().vars.palette;
  return {
    alarm: { line: k.tomato, ground: k.tomatoSoft },
    hot: { line: k.brass, ground: k.brassSoft },
    cold: { line: k.slate, ground: k.slateSoft },
  }[tone];
}

const boxOf = (width: number) => ({
  left: MARGIN.left,
  right: width - MARGIN.right,
  top: MARGIN.top,
  bottom: HEIGHT - MARGIN.bottom,
});

function Forbidden({ edge, x, y, width }: Part) {
  const p = useTheme().vars.palette;
  const id = useId();
  const { area } = forbidden(edge, x, y, boxOf(width));
  return (
    <>
      <pattern
        id={id}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="7" stroke={p.text.secondary} strokeWidth="1.4" />
      </pattern>
      <path d={area} fill={`url(#${id})`} opacity={0.35} />
    </>
  );
}

/** The limit itself lies over the course: it is never covered. */
function Limit({ edge, x, y, width }: Part) {
  const p = useTheme().vars.palette;
  return (
    <path
      d={forbidden(edge, x, y, boxOf(width)).border}
      fill="none"
      stroke={p.text.primary}
      strokeWidth={1.8}
      strokeLinejoin="round"
    />
  );
}

function Course({ tone, from, until, nowAt, likely, slow, x, y }: Part) {
  const p = useTheme().vars.palette;
  const colours = useTone(tone);
  const path = line<CoursePoint>(
    (c) => x(ms(c.at)),
    (c) => y(c.celsius),
  );
  const past = likely.filter((c) => ms(c.at) <= nowAt);
  const coming = [...past.slice(-1), ...likely.filter((c) => ms(c.at) > nowAt)];
  const ahead = cut(coming, until);
  const slower = cut(
    slow.filter((c) => ms(c.at) >= nowAt),
    until,
  );
  const stroke = { fill: 'none', stroke: colours.line };
  return (
    <>
      {slow.length > 0 && (
        <>
          <path
            d={path([...ahead, ...slower.toReversed()]) ?? ''}
            fill={colours.ground}
            opacity={0.8}
          />
          <path d={path(slower) ?? ''} {...stroke} strokeWidth={1} />
        </>
      )}
      <path d={path(past) ?? ''} {...stroke} strokeWidth={2.4} />
      <path d={path(ahead) ?? ''} {...stroke} strokeWidth={2.4} strokeDasharray="5 4" />
      {nowAt > from && nowAt < until && (
        <line
          x1={x(nowAt)}
          x2={x(nowAt)}
          y1={MARGIN.top}
          y2={HEIGHT - MARGIN.bottom}
          stroke={p.text.secondary}
          strokeDasharray="1 3"
        />
      )}
    </>
  );
}

function Reads({ tone, reads, x, y }: Part) {
  const p = useTheme().vars.palette;
  const colours = useTone(tone);
  return reads.map((r) =>
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
        stroke={colours.line}
        strokeWidth={2.2}
      />
    ),
  );
}
