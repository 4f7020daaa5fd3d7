import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type FormulaSheet, type FormulaView } from '../../api/client';
import { answered, type ProblemError } from '../../api/problem';
import { refusalOf } from '../../ui/refusal';
import { useGo } from '../../ui/useGo';

/** Writes the next version, or a first one; the same identity however often it is sent. */
export function useWrite(from: FormulaView | undefined, onWritten: () => void) {
  const queries = useQueryClient();
  const go = useGo();
  const [fresh] = useState(newId);
  const [fault, setFault] = useState<ProblemError>();
  const id = from?.own ? from.id : fresh;
  const write = async (sheet: FormulaSheet) => {
    const to = {
      params: { path: { id }, header: { 'If-Match': from?.own ? from.latestVersion : 0 } },
      body: { sheet, note: from && !from.own ? `after ${from.name}, version ${from.version}` : '' },
    };
    const refused = await refusalOf(() => answered(client.PUT('/api/formulas/{id}', to)));
    setFault(refused);
    if (refused) return;
    onWritten();
    await queries.invalidateQueries({ queryKey: ['formulas'] });
    go(`/formulas/${id}`);
  };
  return { write, fault };
}
