import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import { client } from './client';
import { answered } from './problem';

const REFRESH_MS = 15_000;

/** Everything on the stove. */
export function useBatches() {
  return useQuery({
    queryKey: ['batches'],
    queryFn: () => answered(client.GET('/api/batches')),
    refetchInterval: usePolling(REFRESH_MS),
  });
}

/** What is on the stove and cannot be shown. */
export function useBrokenPots() {
  return useQuery({
    queryKey: ['batches', 'broken'],
    queryFn: () => answered(client.GET('/api/batches/broken')),
    refetchInterval: usePolling(REFRESH_MS),
  });
}

/** What happened to a batch before what its page shows, asked for a page at a time. */
export function useEarlier(id: string, before: number) {
  return useInfiniteQuery({
    queryKey: ['batches', id, 'before', before],
    enabled: false,
    initialPageParam: before,
    queryFn: ({ pageParam }) =>
      answered(
        client.GET('/api/batches/{id}/events', {
          params: { path: { id }, query: { before: pageParam } },
        }),
      ),
    getNextPageParam: (page) => ((page[0]?.sequence ?? 1) > 1 ? page[0]?.sequence : undefined),
  });
}

/** In what a batch differs from its formula. */
export function useAsMade(id: string) {
  return useQuery({
    queryKey: ['batches', id, 'as-made'],
    queryFn: () => answered(client.GET('/api/batches/{id}/as-made', { params: { path: { id } } })),
  });
}

/** What would be still to come of a pot that were stopped now; asked while somebody means to. */
export function useStopping(id: string, meant: boolean) {
  return useQuery({
    queryKey: ['batches', id, 'stopping'],
    queryFn: () => answered(client.GET('/api/batches/{id}/stopping', { params: { path: { id } } })),
    enabled: meant,
  });
}

/** One batch that may be off the heat already. */
export function useBatch(id: string | undefined) {
  return useQuery({
    queryKey: ['batches', id],
    queryFn: () =>
      answered(client.GET('/api/batches/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: Boolean(id),
    refetchInterval: usePolling(REFRESH_MS),
  });
}
