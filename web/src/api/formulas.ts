import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** The shelf of formulas; it changes with a release only. */
export function useFormulas() {
  return useQuery({ queryKey: ['formulas'], queryFn: () => answered(client.GET('/api/formulas')), staleTime: Infinity });
}
