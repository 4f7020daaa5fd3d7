import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, type LotView, type LotWrites } from './client';
import { answered, ProblemError } from './problem';

const MINUTE_MS = 60_000;

/** Every tub that is there, what must be used first at the top. */
export function useLots(wanted = true) {
  return useQuery({
    queryKey: ['lots'],
    queryFn: () => answered(client.GET('/api/lots')),
    refetchInterval: MINUTE_MS,
    enabled: wanted,
  });
}

/** What to cook from what is open or due. */
export function useIdeas() {
  return useQuery({
    queryKey: ['lots', 'ideas'],
    queryFn: () => answered(client.GET('/api/lots/ideas')),
    staleTime: MINUTE_MS,
  });
}

/** One lot, gone or not. */
export function useLot(id: string) {
  return useQuery({
    queryKey: ['lots', id],
    queryFn: () => answered(client.GET('/api/lots/{id}', { params: { path: { id } } })),
  });
}

/** Where a lot came from, and where it went. */
export function useTrace(id: string) {
  return useQuery({
    queryKey: ['lots', id, 'trace'],
    queryFn: () => answered(client.GET('/api/lots/{id}/trace', { params: { path: { id } } })),
  });
}

/** Everything that something with this code may be in. */
export function useRecall(code: string) {
  return useQuery({
    queryKey: ['lots', 'recall', code],
    queryFn: () => answered(client.GET('/api/lots/recall', { params: { query: { code } } })),
    enabled: code !== '',
  });
}

/** What was noted of what went into a batch. */
export function useSources(batchId: string | undefined) {
  return useQuery({
    queryKey: ['lots', 'sources', batchId],
    queryFn: () =>
      answered(
        client.GET('/api/lots/sources/{batchId}', { params: { path: { batchId: batchId ?? '' } } }),
      ),
    enabled: Boolean(batchId),
  });
}

/** How many tubs it takes, before they are filled. */
export function useTubs(request: LotWrites['PutAway'] | undefined) {
  const { data, error } = useQuery({
    queryKey: ['lots', 'preview', request && { ...request, id: '', stamp: '' }],
    queryFn: ({ signal }) =>
      answered(client.POST('/api/lots/preview', { body: request as LotWrites['PutAway'], signal })),
    enabled: request !== undefined,
    placeholderData: keepPreviousData,
    gcTime: MINUTE_MS,
  });
  return { tubs: data, problem: error instanceof ProblemError ? error : undefined };
}

/** What is there of a formula in tubs that are in date, as far as it is wanted. */
export function useReady(formulaId: string, wantedKilograms: number, covers: number) {
  const kilograms = Math.round(wantedKilograms * 10) / 10;
  return useQuery({
    queryKey: ['lots', 'ready', formulaId, kilograms, covers],
    queryFn: () =>
      answered(
        client.GET('/api/lots/ready', { params: { query: { formulaId, kilograms, covers } } }),
      ),
    enabled: kilograms > 0,
    staleTime: MINUTE_MS,
  });
}

/** How full its tubs are, 0 to 1. */
export const fillOf = (lot: LotView): number =>
  lot.massKilograms / Math.max(lot.massKilograms, lot.tubs * lot.eachKilograms);
