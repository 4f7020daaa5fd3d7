import type { TasteView } from '../api/client';
import { show } from '../quantities';

/** What a dose would do to one string. */
export interface BeadTick {
  taste: TasteView['taste'];
  name: string;
  value: number;
}

export const NAMES: Record<TasteView['taste'], { name: string; unit: string; digits: number }> = {
  SALT: { name: 'Salt', unit: '%', digits: 2 },
  ACID: { name: 'Acid', unit: '%', digits: 2 },
  SWEET: { name: 'Sweet', unit: '%', digits: 1 },
  SAVOURY: { name: 'Savoury', unit: '', digits: 1 },
  FAT: { name: 'Fat', unit: '%', digits: 1 },
};

export const tasteText = (taste: TasteView['taste'], value: number): string =>
  `${show.fixed(value, NAMES[taste].digits)} ${NAMES[taste].unit}`.trim();

/** Where a taste lies, in words. */
const standing = ({ low, high }: TasteView, value: number): string =>
  value < low ? 'below the band' : value > high ? 'past the band' : 'in the band';

/** What a string says. */
export function inWords(bead: TasteView, ticks: BeadTick[]): string {
  const { taste, now, after, low, high } = bead;
  const doses = ticks.map((t) => `; ${t.name} ${tasteText(taste, t.value)}`).join('');
  return `${NAMES[taste].name}: ${tasteText(taste, now)} now, ${tasteText(taste, after)} on the table, ${standing(bead, after)} of ${low} to ${high}${doses}`;
}
