import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** The shelf of formulas; it changes with a release only. */
export function useFormulas() {
  return useQuery({ queryKey: ['formulas'], queryFn: () => answered(client.GET('/api/formulas')), staleTime: Infinity });
}

/** Everything in the pantry, by name. */
export function useIngredients() {
  return useQuery({ queryKey: ['ingredients'], queryFn: () => answered(client.GET('/api/formulas/ingredients')), staleTime: Infinity });
}
