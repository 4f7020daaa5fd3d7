import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { client } from '../../api/client';
import { answered } from '../../api/problem';
import { show } from '../../quantities';

const OFFERED = 2;

/** How wide a spoonful spread in the last batches of a sauce, to be chosen again. */
export function useLastTime(formulaId: string, zone: string) {
  const { data } = useQuery({
    queryKey: ['batches', 'thickness', formulaId],
    queryFn: () =>
      answered(client.GET('/api/plans/earlier-thicknesses', { params: { query: { formulaId } } })),
    staleTime: 60_000,
  });
  return useMemo(() => {
    const widths = (data ?? []).map((e, i) => ({
      value: `${Math.round(e.spreadMeters * 1000)} mm`,
      text: i === 0 ? 'as last time' : `as on ${show.day(e.endedAt, zone)}`,
    }));
    return widths
      .filter((w, i) => widths.findIndex((other) => other.value === w.value) === i)
      .slice(0, OFFERED);
  }, [data, zone]);
}
