import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** Meals that are not put away, the last changed first. */
export function useMeals() {
  return useQuery({ queryKey: ['meals'], queryFn: () => answered(client.GET('/api/meals')) });
}

/** One meal with all that it takes; what is in stock may have changed since. */
export function useMeal(id: string) {
  return useQuery({
    queryKey: ['meals', id],
    queryFn: () => answered(client.GET('/api/meals/{id}', { params: { path: { id } } })),
  });
}
