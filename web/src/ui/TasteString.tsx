import { useTheme } from '@mui/material/styles';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import type { TasteView } from '../api/client';
import { LETTERS, Picture } from './Picture';
import { inWords, NAMES, tasteText, type BeadTick } from './tastes';
import { show } from '../quantities';

interface Props {
  bead: TasteView;
  ticks: BeadTick[];
  compact: boolean;
}
type Scale = ScaleLinear<number, number>;

const SIDE = 30;
/** Words nearer than this would run into each other. */
const APART = 78;
/** What the end of a band takes with its drop. */
const ROOM = 44;

function scaleOf({ low, high, now, after }: TasteView, ticks: BeadTick[], width: number): Scale {
  const top = Math.max(now, after, high, ...ticks.map((t) => t.value));
  const bottom = Math.min(0.4 * low, 0.8 * now, 0.8 * after);
  return scaleLinear([bottom, top + 0.18 * (top - low || 1)], [SIDE, width - SIDE]);
}

/** The first of those that would run into each other. */
function apart(ticks: BeadTick[], x: Scale): BeadTick[] {
  const kept: BeadTick[] = [];
  for (const t of ticks)
    if (kept.every((k) => Math.abs(x(k.value) - x(t.value)) >= APART)) kept.push(t);
  return kept;
}

/** One taste: a string with its drops, and below it the trough of what the style likes. */
export function TasteString({ bead, ticks, compact }: Props) {
  const height = compact ? 52 : 78;
  const string = compact ? 4 : 24;
  return (
    <Picture title={inWords(bead, ticks)} height={height} width={compact ? 250 : 560}>
      {(width) => {
        const x = scaleOf(bead, ticks, width);
        return (
          <>
            <Trough bead={bead} x={x} y={string + (compact ? 16 : 22)} />
            <Drops bead={bead} x={x} string={string} width={width} compact={compact} />
            {!compact &&
              apart(ticks, x).map((t) => <Dose key={t.name} tick={t} x={x} y={string} />)}
          </>
        );
      }}
    </Picture>
  );
}

/** What the style likes, with both its ends written. */
function Trough({ bead, x, y }: { bead: TasteView; x: Scale; y: number }) {
  const p = useTheme().vars.palette;
  const { low, high, taste, now, after } = bead;
  const [left, right] = [x(low), Math.max(x(high), x(low) + 4)];
  // A drop beside an end would cover its words: they step aside.
  const drops = [x(now), x(after)];
  const before = Math.min(
    left,
    ...drops.filter((d) => d < left + 8 && d > left - ROOM).map((d) => d - 8),
  );
  const behind = Math.max(
    right,
    ...drops.filter((d) => d > right - 8 && d < right + ROOM).map((d) => d + 8),
  );
  const word = (value: number) => show.fixed(value, NAMES[taste].digits);
  return (
    <g fontSize={LETTERS} fill={p.success.main}>
      <path
        data-band
        d={`M${left} ${y - 9}V${y}H${right}V${y - 9}`}
        fill={p.kitchen.basilSoft}
        stroke={p.success.main}
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <text x={before - 5} y={y + 1} textAnchor="end">
        {word(low)}
      </text>
      <text x={behind + 5} y={y + 1}>
        {word(high)}
      </text>
    </g>
  );
}

interface DropsProps {
  bead: TasteView;
  x: Scale;
  string: number;
  width: number;
  compact: boolean;
}
/** Now, full; on the table, hollow; and which way it goes. */
function Drops({ bead, x, string, width, compact }: DropsProps) {
  const p = useTheme().vars.palette;
  const { taste, now, after, low, high } = bead;
  const colour = after >= low && after <= high ? p.success.main : p.error.main;
  const drop = (at: number) => `M${at} ${string}l5.5 9a6.4 6.4 0 1 1-11 0z`;
  const near = Math.abs(x(now) - x(after)) < APART;
  const left = x(now) <= x(after);
  const y = string + (compact ? 34 : 42);
  const anchor = (first: boolean) => (near ? (first ? 'end' : 'start') : 'middle');
  const aside = (first: boolean) => (near ? (first ? -2 : 6) : 0);
  return (
    <g fontSize={compact ? LETTERS : 13}>
      <line x1={0} x2={width} y1={string} y2={string} stroke={p.kitchen.steel} strokeWidth={1.5} />
      <line
        x1={x(now)}
        x2={x(after)}
        y1={string}
        y2={string}
        stroke={p.text.primary}
        strokeWidth={3.5}
      />
      <path
        data-drop="now"
        d={drop(x(now))}
        fill={p.text.primary}
        stroke={p.background.paper}
        strokeWidth={1.5}
      />
      <path
        data-drop="after"
        d={drop(x(after))}
        fill={p.background.paper}
        stroke={colour}
        strokeWidth={2.8}
      />
      <text
        x={x(now) + aside(left)}
        y={y}
        textAnchor={anchor(left)}
        fontWeight={600}
        fill={p.text.primary}
      >
        {tasteText(taste, now)}
      </text>
      <text
        x={x(after) + aside(!left)}
        y={y}
        textAnchor={anchor(!left)}
        fontWeight={700}
        fill={colour}
      >
        {tasteText(taste, after)}
      </text>
    </g>
  );
}

/** Where a dose would bring it. */
function Dose({ tick, x, y }: { tick: BeadTick; x: Scale; y: number }) {
  const p = useTheme().vars.palette;
  const at = x(tick.value);
  return (
    <g>
      <path d={`M${at} ${y - 1}v-7`} stroke={p.warning.main} strokeWidth={2.5} />
      <text
        x={at}
        y={y - 12}
        textAnchor="middle"
        fontSize={LETTERS}
        fontWeight={600}
        fill={p.warning.main}
      >
        {tick.name}
      </text>
    </g>
  );
}
