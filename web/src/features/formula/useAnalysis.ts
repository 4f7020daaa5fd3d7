import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type FormulaSheet } from '../../api/client';
import { pause } from '../../api/pause';
import { answered, ProblemError } from '../../api/problem';

const DEBOUNCE_MS = 8;

/** What a sheet comes to while it is typed; the last answer stays while something is wrong. */
export function useAnalysis(sheet: FormulaSheet | undefined) {
  const text = JSON.stringify(sheet);
  const { data, error } = useQuery({
    queryKey: ['analysis', text],
    queryFn: async ({ signal }) => {
      await pause(signal, DEBOUNCE_MS);
      return answered(
        client.POST('/api/formulas/analysis', { body: sheet as FormulaSheet, signal }),
      );
    },
    enabled: sheet !== undefined,
    gcTime: 0,
  });
  const [last, setLast] = useState(data);
  if (data && data !== last) setLast(data);
  return { analysis: data ?? last, problem: error instanceof ProblemError ? error : undefined };
}
