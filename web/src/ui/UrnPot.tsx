import { useTheme } from '@mui/material/styles';
import type { Level } from './urnShape';

/** Where the pot stands in the drawing, in its units. */
interface Place {
  middle: number;
  floor: number;
  base: number;
  top: number;
  rim: number;
  width: number;
  y: (meters: number) => number;
}

interface Props {
  id: string;
  at: Place;
  fillMeters: number;
  thickness: number;
  levels: Level[];
  small: boolean;
}

/** Only the level in a real pot sinks smoothly; a plan follows the fingers. */
const SINKING = { transition: 'y 1s ease' };

/** The pot itself with what is in it. */
export function UrnPot(props: Props) {
  const { id, at, small } = props;
  const p = useTheme().vars.palette;
  const { middle, base, top, floor, rim } = at;
  const inside = `M${middle - top / 2} ${rim} L${middle - base / 2} ${floor} H${middle + base / 2} L${middle + top / 2} ${rim}`;
  const steel = {
    fill: 'none',
    stroke: p.kitchen.steel,
    strokeWidth: small ? 6 : 4,
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
  } as const;
  return (
    <>
      <Sauce {...props} inside={inside} />
      <path d={inside} {...steel} />
      <path d={`M${middle - top / 2 - 9} ${rim}h12M${middle + top / 2 - 3} ${rim}h12`} {...steel} />
      {!small &&
        [-1, 1].map((side) => (
          <path
            key={side}
            d={`M${middle + side * (top / 2 + 3)} ${rim + (floor - rim) * 0.15}q${side * 20} 0 ${side * 20} 11t${side * -20} 11`}
            fill="none"
            stroke={p.kitchen.steel}
            strokeWidth={4}
          />
        ))}
      <g clipPath={`url(#${id}c)`}>{small && <WantedIn {...props} />}</g>
    </>
  );
}

function Sauce({ id, at, fillMeters, thickness, levels, inside }: Props & { inside: string }) {
  const p = useTheme().vars.palette;
  const { width, floor, y } = at;
  const gap = Math.max(9, 26 - thickness * 120);
  const live = levels.some((l) => l.kind === 'now');
  const start = levels.find((l) => l.kind === 'start');
  return (
    <>
      <defs>
        <linearGradient id={`${id}s`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor={p.kitchen.sauce1} />
          <stop offset="1" stopColor={p.kitchen.sauce2} />
        </linearGradient>
        <pattern id={`${id}t`} width={gap} height={gap * 0.7} patternUnits="userSpaceOnUse">
          <path
            d="M3 6q4-3 8 0"
            stroke={p.background.paper}
            strokeOpacity=".25"
            fill="none"
            strokeWidth="1.6"
            strokeLinecap="round"
          />
        </pattern>
        <clipPath id={`${id}c`}>
          <path d={`${inside} Z`} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}c)`}>
        <rect x={0} y={0} width={width} height={floor} fill={p.kitchen.well} opacity={0.55} />
        {start && (
          <rect
            x={0}
            y={y(start.depthMeters)}
            width={width}
            height={floor - y(start.depthMeters)}
            fill={p.kitchen.sauce1}
            opacity={0.16}
          />
        )}
        {['s', 't'].map((layer) => (
          <rect
            key={layer}
            x={0}
            y={y(fillMeters)}
            width={width}
            height={floor}
            fill={`url(#${id}${layer})`}
            style={live ? SINKING : undefined}
          />
        ))}
      </g>
    </>
  );
}

/** The wanted level of a small picture, seen on the sauce and above it. */
function WantedIn({ at, levels }: Props) {
  const p = useTheme().vars.palette;
  const wanted = levels.find((l) => l.kind === 'wanted');
  if (!wanted) return null;
  const d = `M0 ${at.y(wanted.depthMeters)}H${at.width}`;
  return (
    <>
      <path d={d} stroke={p.background.paper} strokeWidth={12} />
      <path d={d} stroke={p.success.main} strokeWidth={5} />
    </>
  );
}
