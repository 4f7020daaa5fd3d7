import { useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import { client, type School } from './client';
import { answered } from './problem';

/** What changes seldom, and is told when it does. */
const SELDOM_MS = 600_000;

/** The shelf of formulas; writing one makes it stale. */
export function useFormulas() {
  return useQuery({
    queryKey: ['formulas'],
    queryFn: () => answered(client.GET('/api/formulas')),
    staleTime: 15_000,
    refetchInterval: usePolling(60_000, SELDOM_MS),
  });
}

/** One formula in the chosen ways; the last answer stays while another way is read. */
export function useFormula(id: string, schools: School[], version?: number) {
  return useQuery({
    queryKey: ['formulas', id, version ?? 0, JSON.stringify(schools)],
    queryFn: () =>
      answered(
        client.POST('/api/formulas/{id}/reading', {
          params: { path: { id } },
          body: { schools, ...(version ? { version } : {}) },
        }),
      ),
    placeholderData: (last) => (last?.id === id ? last : undefined),
  });
}
