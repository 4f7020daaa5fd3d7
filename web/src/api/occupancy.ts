import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { usePolling } from './changes';
import { client } from './client';
import { answered } from './problem';

const QUARTER_MINUTE_MS = 15_000;

/** What is in which pot, on which burner and in which oven just now: names by theirs. */
export type Taken = ReadonlyMap<string, string>;

const NOTHING: Taken = new Map();

export function useTaken(): Taken {
  const { data } = useQuery({ queryKey: ['batches', 'occupancy'], queryFn: () => answered(client.GET('/api/occupancy')), refetchInterval: usePolling(QUARTER_MINUTE_MS) });
  return useMemo(() => (data ? new Map(data.flatMap((p) => [p.vesselId, p.heatSourceId, p.ovenId].flatMap((id) => (id === undefined ? [] : [[id, p.name] as const])))) : NOTHING), [data]);
}

/** A pot by its name, and what is in it. */
export const potWords = (vessel: { id: string; name: string }, taken: Taken): string => {
  const there = taken.get(vessel.id);
  return there === undefined ? vessel.name : `${vessel.name} (holds ${there})`;
};

/** The first that is free, else the first. */
export const firstFree = <V extends { id: string }>(vessels: readonly V[], taken: Taken): V | undefined => vessels.find((v) => !taken.has(v.id)) ?? vessels[0];
