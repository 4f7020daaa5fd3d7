import { useTheme } from '@mui/material/styles';
import { scaleTime, type ScaleTime } from 'd3-scale';
import { useId } from 'react';
import type { BenchView } from '../../../api/client';
import { show } from '../../../quantities';
import { LETTERS, Picture } from '../../../ui/Picture';
import { Edge, NowLine, Ticks } from './BenchHours';
import { LETTER_WIDTH, ROW, TOP } from './benchSizes';
import { drawn, windowOf, type Bar, type DrawnLane } from './lanes';

const FOOT = 26;
/** A line at the foot: it stands there. */
const STANDS = 5;
const GAP = 16;
const RIGHT = 54;
/** Fewer letters than that tell nothing. */
const LEAST_LETTERS = 4;

interface Props {
  bench: BenchView;
  zone: string;
  now: number;
  hours: number | undefined;
}
type X = ScaleTime<number, number>;

/** Hands, burners, ovens and machines as lanes; the hour of the plates is a hard edge. */
export function BenchPicture({ bench, zone, now, hours }: Props) {
  const lanes = drawn(bench);
  const [from, to] = windowOf(bench, hours, now);
  const tops = lanes.map((_, i) => lanes.slice(0, i).reduce((y, l) => y + heightOf(l), TOP));
  const height = lanes.reduce((y, l) => y + heightOf(l), TOP) + FOOT;
  const edges = [...new Set(bench.hours.map((h) => Date.parse(h.at)))].filter((at) => at <= to);
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
              <LaneDrawn key={lane.lane.id} lane={lane} x={x} y={tops[i] ?? 0} left={left} />
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

/** Soft ground and strong edge of a dish; its words stand beside it. */
function useDishColours(dish: number) {
  const { kitchen: k } = useTheme().vars.palette;
  const colours = [
    [k.tomatoSoft, k.tomato],
    [k.brassSoft, k.brass],
    [k.basilSoft, k.basil],
    [k.slateSoft, k.slate],
  ] as const;
  return colours[dish % colours.length] ?? colours[0];
}

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

function LaneDrawn({ lane, x, y, left }: { lane: DrawnLane; x: X; y: number; left: number }) {
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
          <BarDrawn key={b.key} bar={b} x={x} y={y + b.row * ROW + 2} />
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

function BarDrawn({ bar, x, y }: { bar: Bar; x: X; y: number }) {
  const p = useTheme().vars.palette;
  const [soft, strong] = useDishColours(bar.dish);
  const [first = 0] = x.range();
  const left = x(bar.from);
  const width = Math.max(2, x(bar.to) - left - 1.5);
  const height = ROW - 8;
  const seen = Math.max(left, first);
  const letters = Math.floor((left + width - seen - 10) / LETTER_WIDTH);
  const words = bar.words.length > letters ? `${bar.words.slice(0, letters - 1)}…` : bar.words;
  return (
    <g>
      <title>{bar.title}</title>
      {bar.heldTo > bar.to && (
        <rect
          x={left}
          y={y + height - STANDS}
          width={Math.max(0, x(bar.heldTo) - left - 1.5)}
          height={STANDS}
          rx={2}
          fill={soft}
        />
      )}
      <rect x={left} y={y} width={width} height={height} rx={5} fill={soft} />
      {bar.to > bar.solidTo && (
        <rect
          x={Math.max(left, x(bar.solidTo))}
          y={y}
          width={Math.max(0, left + width - x(bar.solidTo))}
          height={height}
          rx={5}
          fill="url(#bench-hatch)"
        />
      )}
      <rect x={left} y={y} width={3} height={height} fill={strong} />
      {letters >= LEAST_LETTERS && (
        <text
          x={seen + 7}
          y={y + height / 2 + 4.5}
          fontSize={LETTERS}
          fontWeight={600}
          fill={p.text.primary}
        >
          {words}
        </text>
      )}
    </g>
  );
}
