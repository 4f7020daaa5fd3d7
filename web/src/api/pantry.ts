import { useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import { client } from './client';
import { answered } from './problem';

/** What changes seldom, and is told when it does. */
const SELDOM_MS = 600_000;

/** Everything in the pantry, by name. */
export function usePantry() {
  return useQuery({
    queryKey: ['pantry'],
    queryFn: () => answered(client.GET('/api/pantry/ingredients')),
    staleTime: 15_000,
    refetchInterval: usePolling(60_000, SELDOM_MS),
  });
}

/** What is on the shelf and opened, the first to be used first. */
export function useStock() {
  return useQuery({
    queryKey: ['stock'],
    queryFn: () => answered(client.GET('/api/pantry/stock')),
  });
}

/** What this kitchen leaves out, with the version of that list. */
export function useAvoidList() {
  return useQuery({
    queryKey: ['avoided'],
    queryFn: () => answered(client.GET('/api/pantry/avoided')),
  });
}

/** What this kitchen leaves out. */
export function useAvoided() {
  const { data, ...rest } = useAvoidList();
  return { ...rest, data: data?.avoid };
}
