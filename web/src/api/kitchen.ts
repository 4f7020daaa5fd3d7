import { useQuery } from '@tanstack/react-query';
import { client, type KitchenView } from './client';
import { readAs, show } from '../quantities';
import { answered } from './problem';

/** Every screen needs the kitchen: its clock, units, pots. */
export function useKitchen() {
  return useQuery({ queryKey: ['kitchen'], queryFn: kitchenAsItWrites, staleTime: 60_000 });
}

/** The kitchen as far as this device knows it: nothing is asked. */
export const useKnownKitchen = () =>
  useQuery({ queryKey: ['kitchen'], queryFn: kitchenAsItWrites, enabled: false }).data;

/** Quantities are read with the pint that this kitchen means, and written as it writes them. */
async function kitchenAsItWrites(): Promise<KitchenView> {
  const kitchen = await answered(client.GET('/api/kitchen'));
  readAs(kitchen.settings);
  show.writeAs(kitchen.settings);
  return kitchen;
}

/** What a ladle weighs here, or a handful of one ingredient, for reading quantities: its own before everybody's. */
export function measuresOf(
  kitchen: KitchenView,
  ingredientId?: string,
): ReadonlyMap<string, number> {
  const common = kitchen.measures.filter((m) => m.ingredientId === undefined);
  const own = kitchen.measures.filter(
    (m) => ingredientId !== undefined && m.ingredientId === ingredientId,
  );
  return new Map([...common, ...own].map((m) => [m.name, m.massKilograms]));
}
