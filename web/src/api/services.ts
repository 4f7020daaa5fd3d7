import { useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import { client } from './client';
import { answered } from './problem';

const EVERY_MS = 15_000;
/** While the bench reckons, an answer comes in a second or three. */
const RECKONING_MS = 1000;

/** Services that go on, then the last that are over. */
export function useServices() {
  return useQuery({
    queryKey: ['services'],
    queryFn: () => answered(client.GET('/api/services')),
    refetchInterval: usePolling(EVERY_MS),
  });
}

/** One service, as it stands. */
export function useService(id: string) {
  const every = usePolling(EVERY_MS);
  return useQuery({
    queryKey: ['services', id],
    queryFn: () => answered(client.GET('/api/services/{id}', { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data?.reckoning ? RECKONING_MS : every),
  });
}

/** Why the rest of it cannot be had; asked only where it cannot. */
export function useConflictOfService(id: string, plannedAt: string, wanted: boolean) {
  return useQuery({
    queryKey: ['services', id, 'conflict', plannedAt],
    enabled: wanted,
    queryFn: () =>
      answered(client.GET('/api/services/{id}/conflict', { params: { path: { id } } })),
  });
}
