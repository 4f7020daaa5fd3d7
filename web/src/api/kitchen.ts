import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** Every screen needs the kitchen: its clock, units, pots. */
export function useKitchen() {
  return useQuery({ queryKey: ['kitchen'], queryFn: () => answered(client.GET('/api/kitchen')), staleTime: 60_000 });
}
