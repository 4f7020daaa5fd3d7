import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { client, type PlanRequest, type PlanView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

const DEBOUNCE_MS = 15;
const MINUTE_MS = 60_000;

/**
 * The plan for a request, computed while the cook types. Stale answers are dropped; while something
 * is wrong, the last plan that could be computed stays.
 */
export function usePlan(request: PlanRequest | undefined): { plan: PlanView | undefined; problem: ProblemError | undefined; request: PlanRequest | undefined } {
  const settled = useSettled(request);
  const asked = useMemo(() => (settled === undefined ? undefined : (JSON.parse(settled) as PlanRequest)), [settled]);
  const { data, error } = useQuery({
    notifyOnChangeProps: ['data', 'error'],
    queryKey: ['plan', settled],
    queryFn: ({ signal }) => answered(client.POST('/api/plans/preview', { body: asked as PlanRequest, signal })),
    enabled: settled !== undefined,
    refetchInterval: MINUTE_MS,
    gcTime: MINUTE_MS,
  });
  const [last, setLast] = useState(data);
  if (data && data !== last) setLast(data);
  return { plan: data ?? last, problem: error instanceof ProblemError ? error : undefined, request: asked };
}

/** The last request, as text, after a moment without typing. */
function useSettled(request: PlanRequest | undefined): string | undefined {
  const text = JSON.stringify(request);
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), DEBOUNCE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return settled;
}
