import { useQuery } from '@tanstack/react-query';
import { client, type KitchenView } from './client';
import { answered } from './problem';

/** Every screen needs the kitchen: its clock, units, pots. */
export function useKitchen() {
  return useQuery({ queryKey: ['kitchen'], queryFn: () => answered(client.GET('/api/kitchen')), staleTime: 60_000 });
}

/** What a ladle weighs here, or a handful of one ingredient, for reading quantities: its own before everybody's. */
export function measuresOf(kitchen: KitchenView, ingredientId?: string): ReadonlyMap<string, number> {
  const common = kitchen.measures.filter((m) => m.ingredientId === undefined);
  const own = kitchen.measures.filter((m) => ingredientId !== undefined && m.ingredientId === ingredientId);
  return new Map([...common, ...own].map((m) => [m.name, m.massKilograms]));
}
