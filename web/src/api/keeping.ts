import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, type CoolingPreview, type KeepingWrites } from './client';
import { pause } from './pause';
import { answered, ProblemError } from './problem';

const HALF_MINUTE_MS = 30_000;

/** All that is held or cooling. */
export function useKeepings() {
  return useQuery({
    queryKey: ['keepings'],
    queryFn: () => answered(client.GET('/api/keepings')),
    refetchInterval: HALF_MINUTE_MS,
  });
}

/** Ways that make it from how warm it is now; asked only where they are needed. */
export function useWays(id: string, wanted: boolean) {
  return useQuery({
    queryKey: ['keepings', id, 'ways'],
    queryFn: () => answered(client.GET('/api/keepings/{id}/ways', { params: { path: { id } } })),
    enabled: wanted,
    staleTime: HALF_MINUTE_MS,
  });
}

type Preview = Omit<KeepingWrites['StartCooling'], 'id' | 'stamp'>;

/** Whether it would be cold in time; while something is wrong the last answer stays. */
export function useCoolingPreview(
  request: Preview | undefined,
  restMilliseconds: number,
): { preview: CoolingPreview | undefined; problem: ProblemError | undefined } {
  const text = JSON.stringify(request);
  const { data, error } = useQuery({
    queryKey: ['keepings', 'preview', text],
    queryFn: async ({ signal }) => {
      await pause(signal, restMilliseconds);
      return answered(
        client.POST('/api/keepings/cooling-preview', { body: request as Preview, signal }),
      );
    },
    enabled: request !== undefined,
    placeholderData: keepPreviousData,
    gcTime: HALF_MINUTE_MS,
  });
  return { preview: data, problem: error instanceof ProblemError ? error : undefined };
}

/** Every rule set that could be in force. */
export function useRuleSets() {
  return useQuery({
    queryKey: ['rule-sets'],
    queryFn: () => answered(client.GET('/api/rule-sets')),
    staleTime: HALF_MINUTE_MS,
  });
}
