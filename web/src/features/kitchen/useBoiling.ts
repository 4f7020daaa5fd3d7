import { useQuery } from '@tanstack/react-query';
import { client } from '../../api/client';
import { pause } from '../../api/pause';
import { answered } from '../../api/problem';

const REST_MS = 250;

/** How high a kitchen is where water boils so; asked once the hands rest. */
export const useBoiling = (celsius: number | undefined) =>
  useQuery({
    queryKey: ['altitude', celsius],
    enabled: celsius !== undefined,
    staleTime: Infinity,
    queryFn: async ({ signal }) => {
      await pause(signal, REST_MS);
      const query = { boilingPointCelsius: celsius ?? 0 };
      return answered(client.GET('/api/kitchen/altitude', { params: { query }, signal }));
    },
  });
