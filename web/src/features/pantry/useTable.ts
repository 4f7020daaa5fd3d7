import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { client } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { tableParts, type TablePart } from './tableParts';

interface Sums {
  taken: number;
  unchanged: number;
  refused: number;
  faults: string[];
}
/** @property share of the rows that the server has answered; absent while nothing is taken in */
export interface TableState {
  share?: number;
  report: string[];
}

const NOTHING: Sums = { taken: 0, unchanged: 0, refused: 0, faults: [] };

const words = (sums: Sums, left: number): string[] => [
  `${sums.taken} rows taken in, ${sums.unchanged} said nothing new, ${sums.refused} refused.`,
  ...(left > 0
    ? [`Stopped: ${left} rows were not looked at. Take the same table in again to go on.`]
    : []),
  ...sums.faults,
];

async function sent(part: TablePart, sums: Sums): Promise<Sums> {
  const read = await answered(client.POST('/api/pantry/table', { body: { text: part.text } }));
  return {
    taken: sums.taken + read.taken,
    unchanged: sums.unchanged + read.unchanged,
    refused: sums.refused + read.faults.length,
    faults: [
      ...sums.faults,
      ...read.faults.map((f) => `Line ${f.line + part.linesBefore}, ${f.column}: ${f.what}`),
    ],
  };
}

/** Takes a table in, part by part; it stops when somebody stops it or leaves the page. */
export function useTable() {
  const queries = useQueryClient();
  const [state, setState] = useState<TableState>({ report: [] });
  const stopped = useRef(false);
  useEffect(
    () => () => {
      stopped.current = true;
    },
    [],
  );
  const take = async (text: string) => {
    stopped.current = false;
    const parts = tableParts(text);
    const all = parts.reduce((sum, part) => sum + part.rows, 0);
    let sums = NOTHING;
    let seen = 0;
    try {
      for (const part of parts) {
        if (stopped.current) break;
        setState({ share: seen / Math.max(1, all), report: [] });
        sums = await sent(part, sums);
        seen += part.rows;
      }
      setState({ report: words(sums, all - seen) });
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setState({ report: seen > 0 ? [e.summary, ...words(sums, all - seen)] : [e.summary] });
    }
    await Promise.all([
      queries.invalidateQueries({ queryKey: ['pantry'] }),
      queries.invalidateQueries({ queryKey: ['formulas'] }),
    ]);
  };
  return {
    ...state,
    take,
    stop: () => {
      stopped.current = true;
    },
    close: () => setState({ report: [] }),
  };
}
