import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { client } from './client';
import { pause } from './pause';
import { answered } from './problem';

const REST_MS = 120;

/** Finished batches in which every word is found, the newest first, a page at a time. */
export function useLogbook(words: string) {
  return useInfiniteQuery({
    queryKey: ['batches', 'logbook', words],
    queryFn: async ({ pageParam, signal }) => {
      await pause(signal, words ? REST_MS : 0);
      return answered(
        client.GET('/api/logbook', { params: { query: { words, ...pageParam } }, signal }),
      );
    },
    initialPageParam: {},
    getNextPageParam: ({ entries, more }) => {
      const last = entries.at(-1);
      return more && last ? { before: last.endedAt, beforeId: last.id } : undefined;
    },
    placeholderData: (before) => before,
  });
}

/** How each pot's rate came out, the newest first. */
export function useRates() {
  return useQuery({
    queryKey: ['batches', 'rates'],
    queryFn: () => answered(client.GET('/api/logbook/rates')),
  });
}
