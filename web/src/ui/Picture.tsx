import type { ReactNode } from 'react';
import { useRoom } from './useRoom';

interface Props {
  /** What the picture says, in words. */
  title: string;
  height: number;
  /** Used until it is measured, px. */
  width?: number;
  children: (width: number) => ReactNode;
}

/** The smallest letters of a picture, px: it is drawn at its real size, so they stay as large. */
export const LETTERS = 12.5;

/** A picture drawn in real pixels at whatever width it has: words never shrink with it. */
export function Picture({ title, height, width: first = 520, children }: Props) {
  const { box, room } = useRoom({ width: first, height });
  const { width } = room;
  return (
    <div ref={box} style={{ minWidth: 0 }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={title}
        style={{ display: 'block' }}
      >
        {children(width)}
      </svg>
    </div>
  );
}

/** Those of some ticks whose words are not the ones before: a rounded tick is not repeated. */
export function unlike<T>(ticks: T[], words: (tick: T) => string): T[] {
  return ticks.filter((tick, i) => {
    const before = ticks[i - 1];
    return before === undefined || words(before) !== words(tick);
  });
}
