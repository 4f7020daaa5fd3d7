import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { DropListView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { LETTERS, Picture } from '../../../ui/Picture';
import { Note } from '../../../ui/Note';
import { Text } from '../../../ui/text';
import { Lines } from './beside.styles';
import { short } from './hours';

const ROW = 40;
const FELT_K = 1;
const EDGE = { left: 10, right: 54, top: 8, bottom: 76 };
type Drop = DropListView['drops'][number];

/** Several kinds in one vessel, all out at one moment: the longest hangs in first. */
export function DropPicture({ list, units }: { list: DropListView; units: Units }) {
  if (list.fault)
    return (
      <section aria-label="Into the sauce">
        <Note tone="tomato">
          <Text long>
            In the {list.vesselName}: {list.fault}
          </Text>
        </Note>
      </section>
    );
  return <AllDone list={list} units={units} />;
}

function AllDone({ list, units }: { list: DropListView; units: Units }) {
  const height = EDGE.top + ROW * list.drops.length + EDGE.bottom;
  return (
    <section aria-label="Into the sauce">
      <Text variant="h2">
        {list.drops.length > 1 ? 'Into the sauce, all done together' : 'Into the sauce'}
      </Text>
      <Text tone="muted" size="note" long>
        in the {list.vesselName}
        {list.drops.some((d) => d.round > 0) && ', which does not hold all of it at once'}
      </Text>
      <Picture
        title={list.drops
          .map((d) => `${d.count} ${d.name}: in ${short(d.beforeSeconds)} before out`)
          .join('; ')}
        height={height}
      >
        {(width) => <Hung list={list} units={units} width={width} height={height} />}
      </Picture>
      <Lines>
        {list.drops.map((d, i) => (
          <Text component="li" size="note" key={i}>
            <b>{short(d.beforeSeconds)} before out</b>: {d.count} {d.name}, {place(d)}
            {d.note && ` · ${d.note}`}
          </Text>
        ))}
        {list.overWaitSeconds > 0 && (
          <Text component="li" size="note" tone="warn" strong>
            Some wait longer than they like: {short(list.overWaitSeconds)} in all. A wider pan, or a
            second one, saves that.
          </Text>
        )}
      </Lines>
    </section>
  );
}

function place(drop: Drop): string {
  const lies = drop.above ? 'on top, in steam' : 'in the sauce';
  return drop.round > 0
    ? `${lies}; out again ${short(drop.outBeforeSeconds)} before the rest, kept warm`
    : lies;
}

interface HungProps {
  list: DropListView;
  units: Units;
  width: number;
  height: number;
}
/** Each kind as a bar that ends where it comes out; below, the sauce as it cools and recovers. */
function Hung({ list, units, width, height }: HungProps) {
  const p = useTheme().vars.palette;
  const x = scaleLinear([list.spanSeconds, 0], [EDGE.left, width - EDGE.right]);
  const floor = height - EDGE.bottom;
  return (
    <>
      {list.drops.map((d, i) => {
        const from = x(d.beforeSeconds);
        const to = x(d.outBeforeSeconds);
        const y = EDGE.top + i * ROW;
        const inside = to - from > 150;
        return (
          <g key={i}>
            <rect
              x={from}
              y={y}
              width={Math.max(4, to - from)}
              height={ROW - 12}
              rx={(ROW - 12) / 2}
              fill={d.above ? p.kitchen.slateSoft : p.kitchen.tomatoSoft}
            />
            <circle
              cx={from}
              cy={y + (ROW - 12) / 2}
              r={5}
              fill={d.above ? p.kitchen.slate : p.kitchen.tomato}
            />
            <text
              x={inside ? from + 14 : from - 10}
              y={y + 19}
              fontSize={LETTERS}
              fill={p.text.primary}
              textAnchor={inside ? 'start' : 'end'}
            >
              {`${d.count} ${d.name}, ${show.text(show.depth(d.thicknessMeters, units))}`}
            </text>
          </g>
        );
      })}
      <line x1={x(0)} x2={x(0)} y1={2} y2={floor} stroke={p.text.primary} strokeWidth={3} />
      <text x={x(0) + 8} y={18} fontSize={LETTERS} fontWeight={600} fill={p.text.primary}>
        out
      </text>
      <Sauce list={list} units={units} x={x} floor={floor} />
    </>
  );
}

interface SauceProps {
  list: DropListView;
  units: Units;
  x: (before: number) => number;
  floor: number;
}
function Sauce({ list, units, x, floor }: SauceProps) {
  const p = useTheme().vars.palette;
  const last = Math.max(0, ...list.drops.filter((d) => d.round === 0).map((d) => d.beforeSeconds));
  const points = list.sauce.filter((s) => s.seconds <= last);
  const hot = Math.max(...points.map((s) => s.celsius));
  const cold = Math.min(...points.map((s) => s.celsius));
  const degrees = (celsius: number) => show.text(show.temperature(celsius, units, 0));
  const y = scaleLinear([Math.min(cold, hot - 4), hot], [floor + 52, floor + 24]);
  const course = line<(typeof points)[number]>(
    (s) => x(last - s.seconds),
    (s) => y(s.celsius),
  );
  return (
    <>
      <path d={course(points) ?? ''} fill="none" stroke={p.kitchen.tomato} strokeWidth={2} />
      <text x={EDGE.left} y={floor + 70} fontSize={LETTERS} fill={p.text.secondary}>
        {hot - cold < FELT_K
          ? `the sauce stays at ${degrees(hot)}`
          : `the sauce falls from ${degrees(hot)} to ${degrees(cold)}`}
      </text>
    </>
  );
}
