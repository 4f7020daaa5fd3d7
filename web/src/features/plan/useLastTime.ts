import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { client } from '../../api/client';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';

const OFFERED = 2;

/** How wide a spoonful spread in the last batches of a sauce, to be chosen again. */
export function useLastTime(formulaId: string, zone: string, units: Units) {
  const { data } = useQuery({
    queryKey: ['batches', 'thickness', formulaId],
    queryFn: () =>
      answered(client.GET('/api/plans/earlier-thicknesses', { params: { query: { formulaId } } })),
    staleTime: 60_000,
  });
  return useMemo(() => {
    const widths = (data ?? []).map((e, i) => ({
      value: show.text(show.depth(e.spreadMeters, units)),
      text: i === 0 ? 'as last time' : `as on ${show.day(e.endedAt, zone)}`,
    }));
    return widths
      .filter((w, i) => widths.findIndex((other) => other.value === w.value) === i)
      .slice(0, OFFERED);
  }, [data, zone, units]);
}
