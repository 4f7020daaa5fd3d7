import { sizes } from './tokens';

/** Fingers need more room than a mouse, on whatever width. */
export const COARSE = '@media (pointer: coarse)';

/** Room for a finger. */
export const TARGET = { [COARSE]: { minHeight: sizes.press, minWidth: sizes.press } };
