import type { Mark } from './FallLine';

interface MarkProps {
  x: number;
  y: number;
  mark: Mark;
  colour: string;
  ground: string;
}
/** A reading on the fall line; a struck-out one is crossed. */
export function ReadingMark({ x, y, mark, colour, ground }: MarkProps) {
  if (mark.struckOut)
    return (
      <path
        data-reading="struck out"
        d={`M${x - 4} ${y - 4}l8 8m0-8l-8 8`}
        stroke={colour}
        strokeWidth={1.6}
        opacity={0.6}
      />
    );
  return (
    <path
      data-reading="counts"
      d={`M${x} ${y - 6}l6 6l-6 6l-6-6z`}
      fill={ground}
      stroke={colour}
      strokeWidth={2.2}
    />
  );
}
