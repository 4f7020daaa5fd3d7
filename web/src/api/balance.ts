import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { usePolling } from './changes';
import {
  client,
  type BalanceRequest,
  type BalanceView,
  type PlanRequest,
  type School,
} from './client';
import { pause } from './pause';
import { answered, ProblemError } from './problem';

const MINUTE_MS = 60_000;

/** Nothing measured, nothing on the plate, fine salt. */
const PLAIN: BalanceRequest = {
  schools: [],
  measured: { sharper: 0 },
  plate: [],
  saltId: 'table-salt',
  fault: 'SHARP',
  steps: 1,
};

/** A balance as nobody has shaped it yet. */
export const balanceOf = (
  pot: { formulaId: string; schools: School[] } | { plan: PlanRequest } | { batchId: string },
): BalanceRequest => ({ ...PLAIN, ...pot });

/** The balance of a pot, asked when the hands have rested; while something is wrong the last answer stays. */
export function useBalance(
  request: BalanceRequest | undefined,
  restMilliseconds: number,
): { balance: BalanceView | undefined; problem: ProblemError | undefined } {
  const text = JSON.stringify(request);
  const { data, error } = useQuery({
    // Under the batches: what is written at the stove makes it stale.
    queryKey: ['batches', 'balance', text],
    queryFn: async ({ signal }) => {
      if (restMilliseconds > 0) await pause(signal, restMilliseconds);
      return answered(
        client.POST('/api/balance/preview', { body: request as BalanceRequest, signal }),
      );
    },
    enabled: request !== undefined,
    placeholderData: keepPreviousData,
    refetchInterval: usePolling(MINUTE_MS),
    gcTime: MINUTE_MS,
  });
  return { balance: data, problem: error instanceof ProblemError ? error : undefined };
}

/** What can be wrong with a pot, in a cook's words. */
export function useFaults() {
  return useQuery({
    queryKey: ['faults'],
    queryFn: () => answered(client.GET('/api/balance/faults')),
    staleTime: Infinity,
  });
}
