import { useTheme } from '@mui/material/styles';

const EDGE = 7;

/** An oven from the front, inside sizes to the scale of the pots beside it. */
export function OvenBox({
  widthMeters,
  heightMeters,
  pixelsPerMeter,
  title,
}: {
  widthMeters: number;
  heightMeters: number;
  pixelsPerMeter: number;
  title: string;
}) {
  const p = useTheme().vars.palette;
  const [w, h] = [widthMeters * pixelsPerMeter, heightMeters * pixelsPerMeter];
  return (
    <svg
      viewBox={`0 0 ${w + 2 * EDGE} ${h + 2 * EDGE}`}
      width={w + 2 * EDGE}
      height={h + 2 * EDGE}
      role="img"
      aria-label={title}
    >
      <rect
        x={EDGE / 2}
        y={EDGE / 2}
        width={w + EDGE}
        height={h + EDGE}
        rx={5}
        fill={p.kitchen.well}
        stroke={p.kitchen.steel}
        strokeWidth={3}
      />
      {[1 / 3, 2 / 3, 1].map((share) => (
        <path
          key={share}
          d={`M${EDGE} ${EDGE + h * share}h${w}`}
          stroke={p.kitchen.steel}
          strokeWidth={share === 1 ? 2.5 : 1}
          strokeDasharray={share === 1 ? undefined : '3 4'}
        />
      ))}
    </svg>
  );
}
