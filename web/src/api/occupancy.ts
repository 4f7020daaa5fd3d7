import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { usePolling } from './changes';
import { client } from './client';
import { answered } from './problem';
import type { components } from './schema';
import { show } from '../quantities';

const QUARTER_MINUTE_MS = 15_000;

type PlaceView = components['schemas']['PlaceView'];

/** What is in which pot, on which burner and in which oven just now, by theirs. */
export type Taken = ReadonlyMap<string, PlaceView>;

const NOTHING: Taken = new Map();

export function useTaken(): Taken {
  const { data } = useQuery({
    queryKey: ['batches', 'occupancy'],
    queryFn: () => answered(client.GET('/api/occupancy')),
    refetchInterval: usePolling(QUARTER_MINUTE_MS),
  });
  return useMemo(
    () =>
      data
        ? new Map(
            data.flatMap((p) =>
              [p.vesselId, p.heatSourceId, p.ovenId].flatMap((id) =>
                id === undefined ? [] : [[id, p] as const],
              ),
            ),
          )
        : NOTHING,
    [data],
  );
}

/** What is there, and until about when. */
export const untilWords = (there: PlaceView, zone: string): string =>
  there.likelyFree ? `${there.name} till about ${show.hour(there.likelyFree, zone)}` : there.name;

/** A pot by its name, and what is in it. */
export const potWords = (vessel: { id: string; name: string }, taken: Taken): string => {
  const there = taken.get(vessel.id);
  return there === undefined ? vessel.name : `${vessel.name} (holds ${there.name})`;
};

/** The first that is free, else the first. */
export const firstFree = <V extends { id: string }>(
  vessels: readonly V[],
  taken: Taken,
): V | undefined => vessels.find((v) => !taken.has(v.id)) ?? vessels[0];
