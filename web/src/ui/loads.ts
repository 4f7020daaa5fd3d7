import type { StageView } from '../api/client';
import { show, type Units } from '../quantities';

/** In how many loads a stage is browned, or nothing. */
export function loadsInWords({ loads }: StageView, units: Units): string {
  if (!loads) return '';
  const each = show.text(show.mass(loads.eachKilograms, units));
  return loads.count === 1 ? `all ${each} at once` : `${loads.count} loads of ${each}`;
}
