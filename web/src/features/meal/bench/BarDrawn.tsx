import { useTheme } from '@mui/material/styles';
import type { ScaleTime } from 'd3-scale';
import { LETTERS } from '../../../ui/Picture';
import { LETTER_WIDTH, ROW } from './benchSizes';
import type { Bar } from './lanes';

/** A line at the foot: it stands there. */
const STANDS = 5;
/** Fewer letters than that tell nothing. */
const LEAST_LETTERS = 4;

interface Props {
  bar: Bar;
  x: ScaleTime<number, number>;
  y: number;
  onPick?: ((key: string) => void) | undefined;
}

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

/** One work in its lane: pale once it is over, framed while it goes on, dashed where it was. */
export function BarDrawn({ bar, x, y, onPick }: Props) {
  const p = useTheme().vars.palette;
  const [soft, strong] = useDishColours(bar.dish);
  const [first = 0] = x.range();
  const left = x(bar.from);
  const width = Math.max(2, x(bar.to) - left - 1.5);
  const height = ROW - 8;
  const seen = Math.max(left, first);
  const letters = Math.floor((left + width - seen - 10) / LETTER_WIDTH);
  const words = bar.words.length > letters ? `${bar.words.slice(0, letters - 1)}…` : bar.words;
  const pick = onPick && {
    onClick: () => onPick(bar.key),
    style: { cursor: 'pointer' },
  };
  return (
    <g opacity={bar.state === 'OVER' ? 0.45 : 1} {...pick}>
      <title>{bar.title}</title>
      {bar.was !== undefined && (
        <rect
          x={x(bar.was)}
          y={y}
          width={width}
          height={height}
          rx={5}
          fill="none"
          stroke={strong}
          strokeDasharray="3 4"
        />
      )}
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
      {bar.state === 'GOING' && (
        <rect
          x={left + 0.75}
          y={y + 0.75}
          width={Math.max(0, width - 1.5)}
          height={height - 1.5}
          rx={5}
          fill="none"
          stroke={strong}
          strokeWidth={2}
        />
      )}
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
