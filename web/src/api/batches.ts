import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

const REFRESH_MS = 15_000;

/** Everything on the stove. */
export function useBatches() {
  return useQuery({ queryKey: ['batches'], queryFn: () => answered(client.GET('/api/batches')), refetchInterval: REFRESH_MS });
}

/** One batch that may be off the heat already. */
export function useBatch(id: string | undefined) {
  return useQuery({ queryKey: ['batches', id], queryFn: () => answered(client.GET('/api/batches/{id}', { params: { path: { id: id ?? '' } } })), enabled: Boolean(id), refetchInterval: REFRESH_MS });
}
