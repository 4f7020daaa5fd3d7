import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { client, type PlanRequest } from '../../api/client';
import { answered } from '../../api/problem';

const DEBOUNCE_MS = 40;
const MINUTE_MS = 60_000;

/** The plan for a request, computed while the cook types. Stale answers are dropped. */
export function usePlan(request: PlanRequest | undefined) {
  const settled = useSettled(request);
  return useQuery({
    queryKey: ['plan', settled],
    queryFn: ({ signal }) => answered(client.POST('/api/plans/preview', { body: settled as PlanRequest, signal })),
    enabled: settled !== undefined,
    placeholderData: keepPreviousData,
    refetchInterval: MINUTE_MS,
    gcTime: MINUTE_MS,
  });
}

/** The last request after a moment without typing. */
function useSettled(request: PlanRequest | undefined): PlanRequest | undefined {
  const text = JSON.stringify(request);
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), DEBOUNCE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return settled === undefined ? undefined : (JSON.parse(settled) as PlanRequest);
}
