/** Room above the lanes, px. */
export const TOP = 30;
/** One row of bars, px. */
export const ROW = 36;
/** A letter on a bar takes about so much, px. */
export const LETTER_WIDTH = 6.7;
