import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { client, type PlanRequest, type PlanView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

const DEBOUNCE_MS = 8;
const MINUTE_MS = 60_000;

/** What was asked of the server last and what it answered; while something is wrong, the last plan stays. */
interface Planned { plan: PlanView | undefined; problem: ProblemError | undefined; request: PlanRequest | undefined }

/** The plan for a request, computed while the cook types. Stale questions are dropped before or while they are asked. */
export function usePlan(request: PlanRequest | undefined): Planned {
  const text = JSON.stringify(request);
  const asked = useMemo(() => (text === undefined ? undefined : (JSON.parse(text) as PlanRequest)), [text]);
  const { data, error } = useQuery({
    notifyOnChangeProps: ['data', 'error'],
    queryKey: ['plan', text],
    queryFn: async ({ signal }) => {
      await pause(signal);
      return answered(client.POST('/api/plans/preview', { body: asked as PlanRequest, signal }));
    },
    enabled: text !== undefined,
    refetchInterval: MINUTE_MS,
    gcTime: MINUTE_MS,
  });
  const [last, setLast] = useState(data);
  if (data && data !== last) setLast(data);
  return { plan: data ?? last, problem: error instanceof ProblemError ? error : undefined, request: asked };
}

/** Waits for the next keystroke, which would make the question stale. */
const pause = (signal: AbortSignal) =>
  new Promise<void>((go, stop) => {
    setTimeout(() => (signal.aborted ? stop(signal.reason) : go()), DEBOUNCE_MS);
  });
