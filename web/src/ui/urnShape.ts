/** A pot as its sizes say; a rectangular one is seen along its length. */
export interface PotShape {
  shape: 'ROUND' | 'RECTANGULAR';
  firstWidthMeters: number;
  secondWidthMeters: number;
  depthMeters: number;
}
export interface Level {
  depthMeters: number;
  label: string;
  kind: 'start' | 'now' | 'wanted' | 'headroom';
}

/** Free space beside the pot and its width, in units of the drawing: for drawing several to one scale. */
export const URN_SIDE = 34;
export const URN_WIDTH = 330;

/** Widths of the section: at the bottom and at the rim; of a rectangular one, along its length. */
export const sectionOf = (pot: PotShape) => ({
  base: pot.firstWidthMeters,
  top: pot.shape === 'ROUND' ? pot.secondWidthMeters : pot.firstWidthMeters,
});

/** Keeps the labels of near levels apart, and all of them above the lower edge. */
export function spread<T extends { y: number }>(
  levels: T[],
  gap: number,
  edge: number,
): (T & { labelY: number })[] {
  let last = -Infinity;
  const down = levels
    .toSorted((a, b) => a.y - b.y)
    .map((l) => {
      last = Math.max(l.y, last + gap);
      return { ...l, labelY: last };
    });
  return down.map((l, i) => ({
    ...l,
    labelY: Math.min(l.labelY, edge - (down.length - 1 - i) * gap),
  }));
}
