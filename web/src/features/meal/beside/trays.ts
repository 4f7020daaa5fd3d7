import type { KitchenView } from '../../../api/client';

const DEEPEST_M = 0.1;

/** Flat tins of the kitchen, as the program tells them from pans. */
export const traysOf = (kitchen: KitchenView) =>
  kitchen.vessels.filter(
    (v) => !v.retired && v.shape === 'RECTANGULAR' && v.depthMeters <= DEEPEST_M,
  );

/** Pots of the kitchen. */
export const potsOf = (kitchen: KitchenView) => {
  const trays = new Set(traysOf(kitchen).map((v) => v.id));
  return kitchen.vessels.filter((v) => !v.retired && !trays.has(v.id));
};
