import { useQuery } from '@tanstack/react-query';
import { client } from './client';
import { answered } from './problem';

/** Shapes, pieces, trays, sheets and fillings: shipped, so that they are asked for once. */
export function useServingTables() {
  return useQuery({
    queryKey: ['serving-tables'],
    queryFn: () => answered(client.GET('/api/serving/tables')),
    staleTime: Infinity,
  });
}
