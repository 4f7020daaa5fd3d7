import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** Everything in the pantry, by name. */
export function usePantry() {
  return useQuery({ queryKey: ['pantry'], queryFn: () => answered(client.GET('/api/pantry/ingredients')), staleTime: 15_000, refetchInterval: 60_000 });
}

/** What is on the shelf and opened, the first to be used first. */
export function useStock() {
  return useQuery({ queryKey: ['stock'], queryFn: () => answered(client.GET('/api/pantry/stock')) });
}

/** What this kitchen leaves out, with the version of that list. */
export function useAvoidList() {
  return useQuery({ queryKey: ['avoided'], queryFn: () => answered(client.GET('/api/pantry/avoided')) });
}

/** What this kitchen leaves out. */
export function useAvoided() {
  const { data, ...rest } = useAvoidList();
  return { ...rest, data: data?.avoid };
}
