import { useTheme } from '@mui/material/styles';
import { scaleTime, type ScaleTime } from 'd3-scale';
import { useId } from 'react';
import type { BenchView } from '../../../api/client';
import { show } from '../../../quantities';
import { LETTERS, Picture } from '../../../ui/Picture';
import { Edge, NowLine, Ticks } from './BenchHours';
import { LETTER_WIDTH, ROW, TOP } from './benchSizes';
import { drawn, windowFromNow, windowOf, type DrawnLane, type Happened } from './lanes';
import { BarDrawn } from './BarDrawn';

const FOOT = 26;
const GAP = 16;
const RIGHT = 54;

interface Props {
  bench: BenchView;
  zone: string;
  now: number;
  hours: number | undefined;
  happened?: Happened;
  /** Which work is looked at. */
  onPick?: ((key: string) => void) | undefined;
}
type X = ScaleTime<number, number>;

/** Hands, burners, ovens and machines as lanes; the hour of the plates is a hard edge. */
export function BenchPicture({ bench, zone, now, hours, happened, onPick }: Props) {
  const lanes = drawn(bench, happened);
  const [from, to] = (happened ? windowFromNow : windowOf)(bench, hours, now);
  const tops = lanes.map((_, i) => lanes.slice(0, i).reduce((y, l) => y + heightOf(l), TOP));
  const height = lanes.reduce((y, l) => y + heightOf(l), TOP) + FOOT;
  const edges = [
    ...new Set(bench.hours.flatMap((h) => [Date.parse(h.at), Date.parse(h.until ?? h.at)])),
  ].filter((at) => at >= from && at <= to);
  const words = `Bench from ${show.hour(from, zone)} to ${show.hour(to, zone)}: ${lanes
    .map((l) => `${l.lane.name} ${l.bars.length}`)
    .join(', ')} works.`;
  return (
    <Picture title={words} height={height} width={960}>
      {(width) => {
        const left = width < 600 ? 78 : 132;
        const x = scaleTime([from, to], [left, width - RIGHT]);
        return (
          <>
            <Hatches />
            <Ticks x={x} zone={zone} floor={height - FOOT} />
            {lanes.map((lane, i) => (
              <LaneDrawn
                key={lane.lane.id}
                lane={lane}
                x={x}
                y={tops[i] ?? 0}
                left={left}
                onPick={onPick}
              />
            ))}
            {edges.map((at) => (
              <Edge key={at} x={x(at)} floor={height - FOOT} words={show.hour(at, zone)} />
            ))}
            {now > from && now < to && (
              <NowLine x={x(now)} floor={height - FOOT} zone={zone} now={now} />
            )}
          </>
        );
      }}
    </Picture>
  );
}

const heightOf = (lane: DrawnLane): number => lane.rows * ROW + GAP;

function Hatches() {
  const p = useTheme().vars.palette;
  return (
    <defs>
      <pattern
        id="bench-hatch"
        width={7}
        height={7}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line
          x1={0}
          x2={0}
          y1={0}
          y2={7}
          stroke={p.text.secondary}
          strokeWidth={1}
          opacity={0.55}
        />
      </pattern>
    </defs>
  );
}

interface LaneProps {
  lane: DrawnLane;
  x: X;
  y: number;
  left: number;
  onPick: Props['onPick'];
}

function LaneDrawn({ lane, x, y, left, onPick }: LaneProps) {
  const p = useTheme().vars.palette;
  const clip = useId();
  const [from = 0, to = 0] = x.range();
  const cut = (words: string) => {
    const letters = Math.floor(left / (LETTER_WIDTH + 0.4));
    return words.length > letters ? `${words.slice(0, letters - 1)}…` : words;
  };
  return (
    <g>
      <clipPath id={clip}>
        <rect x={from} width={to - from} y={y} height={heightOf(lane)} />
      </clipPath>
      <text x={0} y={y + 22} fontSize={15} fontWeight={700} fill={p.text.primary}>
        {cut(lane.lane.name)}
      </text>
      {lane.note && (
        <text x={0} y={y + 38} fontSize={LETTERS} fill={p.text.secondary}>
          {cut(lane.note)}
        </text>
      )}
      <g clipPath={`url(#${clip})`}>
        {lane.bars.map((b) => (
          <BarDrawn key={b.key} bar={b} x={x} y={y + b.row * ROW + 2} onPick={onPick} />
        ))}
      </g>
      <line
        x1={0}
        x2={to}
        y1={y + heightOf(lane) - GAP / 2 + 2}
        y2={y + heightOf(lane) - GAP / 2 + 2}
        stroke={p.divider}
      />
    </g>
  );
}
