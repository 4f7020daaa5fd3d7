import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

const of = (id: string) => ['meals', id, 'bench'] as const;

/** A service on its bench. */
export function useBench(id: string) {
  return useQuery({
    queryKey: of(id),
    queryFn: () => answered(client.GET('/api/meals/{id}/bench', { params: { path: { id } } })),
  });
}

/** The same if one of its works takes so much longer. */
export function useLate(id: string, key: string | undefined, minutes: number) {
  return useQuery({
    queryKey: [...of(id), 'late', key, minutes],
    enabled: key !== undefined,
    queryFn: () =>
      answered(
        client.GET('/api/meals/{id}/bench/late', {
          params: { path: { id }, query: { key: key ?? '', minutes } },
        }),
      ),
  });
}

/** Why not all of it can be had; asked only where it cannot. */
export function useConflict(id: string, wanted: boolean) {
  return useQuery({
    queryKey: [...of(id), 'conflict'],
    enabled: wanted,
    queryFn: () =>
      answered(client.GET('/api/meals/{id}/bench/conflict', { params: { path: { id } } })),
  });
}
