import { usePolling } from '../../api/changes';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import {
  client,
  type PlanPreview,
  type PlanRequest,
  type ShareView,
  type WaysView,
} from '../../api/client';
import { pause } from '../../api/pause';
import { answered, ProblemError } from '../../api/problem';

/** Other ways are read after the plan: they wait for the hands to rest. */
const WAYS_DEBOUNCE_MS = 250;
const MINUTE_MS = 60_000;

/** What was asked of the server last and what it answered; while something is wrong, the last plan stays. */
interface Planned {
  preview: PlanPreview | undefined;
  problem: ProblemError | undefined;
  request: PlanRequest | undefined;
}

/** The plan for a request, computed while the cook types. Stale questions are dropped before or while they are asked. */
export function usePlan(request: PlanRequest | undefined): Planned {
  const text = JSON.stringify(request);
  const asked = useMemo(
    () => (text === undefined ? undefined : (JSON.parse(text) as PlanRequest)),
    [text],
  );
  const { data, error } = useQuery({
    notifyOnChangeProps: ['data', 'error'],
    queryKey: ['plan', text],
    // At once: the next keystroke drops the question while it is on its way.
    queryFn: ({ signal }) =>
      answered(client.POST('/api/plans/preview', { body: asked as PlanRequest, signal })),
    enabled: text !== undefined,
    refetchInterval: usePolling(MINUTE_MS),
    structuralSharing: false,
    gcTime: MINUTE_MS,
  });
  const [last, setLast] = useState(data);
  if (data && data !== last) setLast(data);
  return {
    preview: data ?? last,
    problem: error instanceof ProblemError ? error : undefined,
    request: asked,
  };
}

/** What could be done otherwise; asked once the plan stands, so that the plan is never kept waiting. */
export function useWays(request: PlanRequest | undefined, standing: boolean): WaysView | undefined {
  return useQuery({
    queryKey: ['plan-ways', JSON.stringify(request)],
    queryFn: async ({ signal }) => {
      await pause(signal, WAYS_DEBOUNCE_MS);
      return answered(client.POST('/api/plans/ways', { body: request as PlanRequest, signal }));
    },
    enabled: request !== undefined && standing,
    placeholderData: keepPreviousData,
    gcTime: MINUTE_MS,
  }).data;
}

/** The pots that would share a batch too large for one. */
export function useShares(request: PlanRequest | undefined, tooLarge: boolean): ShareView[] {
  return (
    useQuery({
      queryKey: ['plan-shares', JSON.stringify(request)],
      queryFn: ({ signal }) =>
        answered(client.POST('/api/plans/shares', { body: request as PlanRequest, signal })),
      enabled: request !== undefined && tooLarge,
      gcTime: MINUTE_MS,
    }).data ?? []
  );
}
