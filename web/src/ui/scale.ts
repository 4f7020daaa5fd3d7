import { URN_SIDE, URN_WIDTH, sectionOf, type PotShape } from './urnShape';

const width = (pot: PotShape): number => Math.max(sectionOf(pot).base, sectionOf(pot).top);

export const widestOf = (pots: PotShape[]): number => Math.max(...pots.map(width));

/** Width of this pot's drawing as it is drawn next to the widest one. */
export const drawnWidthOf = (pot: PotShape, widest: number): number =>
  (URN_WIDTH * width(pot)) / widest;

/** Share of the widest pot's picture, margins included, so that all stand to one scale. */
export const shareOfWidest = (pot: PotShape, widest: number): number =>
  (drawnWidthOf(pot, widest) + 2 * URN_SIDE) / (URN_WIDTH + 2 * URN_SIDE);

/** Pixels to the metre where the widest pot's picture takes so many. */
export const pixelsPerMeter = (pots: PotShape[], widestPicture: number): number =>
  pots.length === 0
    ? widestPicture * 2
    : (widestPicture * URN_WIDTH) / (URN_WIDTH + 2 * URN_SIDE) / widestOf(pots);
