import { useQuery } from '@tanstack/react-query';
import { client, type KitchenView } from './client';
import { answered } from './problem';

/** Every screen needs the kitchen: its clock, units, pots. */
export function useKitchen() {
  return useQuery({ queryKey: ['kitchen'], queryFn: () => answered(client.GET('/api/kitchen')), staleTime: 60_000 });
}

/** What a ladle or a handful weighs here, for reading quantities. */
export const measuresOf = (kitchen: KitchenView): ReadonlyMap<string, number> => new Map(kitchen.measures.map((m) => [m.name, m.massKilograms]));
