import { useTheme } from '@mui/material/styles';
import type { ScaleTime } from 'd3-scale';
import { show } from '../../../quantities';
import { LETTERS } from '../../../ui/Picture';
import { TOP } from './benchSizes';

const TICK_WIDTH = 110;
/** Words at the edge of the plates stay free, px. */
const EDGE_ROOM = 40;

interface TicksProps {
  x: ScaleTime<number, number>;
  zone: string;
  floor: number;
}

/** Hours above the lanes. */
export function Ticks({ x, zone, floor }: TicksProps) {
  const p = useTheme().vars.palette;
  const [from = 0, to = 0] = x.range();
  const ticks = x.ticks(Math.max(2, Math.floor((to - from) / TICK_WIDTH)));
  return (
    <>
      {ticks
        .filter((t) => x(t) < to - EDGE_ROOM)
        .map((t) => (
          <g key={t.getTime()}>
            <line x1={x(t)} x2={x(t)} y1={TOP - 8} y2={floor} stroke={p.divider} />
            <text x={x(t)} y={14} fontSize={LETTERS} textAnchor="middle" fill={p.text.secondary}>
              {show.hour(t.getTime(), zone)}
            </text>
          </g>
        ))}
    </>
  );
}

/** Plates are out. */
export function Edge({ x, floor, words }: { x: number; floor: number; words: string }) {
  const p = useTheme().vars.palette;
  return (
    <g>
      <line x1={x} x2={x} y1={TOP - 16} y2={floor + 6} stroke={p.text.primary} strokeWidth={3} />
      <text x={x + 6} y={floor + 4} fontSize={14} fontWeight={700} fill={p.text.primary}>
        {words}
      </text>
    </g>
  );
}

/** What is left of it is done. */
export function NowLine(props: { x: number; floor: number; zone: string; now: number }) {
  const p = useTheme().vars.palette;
  return (
    <g>
      <line
        x1={props.x}
        x2={props.x}
        y1={TOP - 10}
        y2={props.floor}
        stroke={p.kitchen.tomato}
        strokeWidth={2}
        strokeDasharray="4 4"
      />
      <text
        x={props.x}
        y={props.floor + 18}
        fontSize={LETTERS}
        fontWeight={700}
        textAnchor="middle"
        fill={p.kitchen.tomato}
      >
        now {show.hour(props.now, props.zone)}
      </text>
    </g>
  );
}
