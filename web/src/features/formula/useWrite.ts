import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { client, newId, type FormulaSheet, type FormulaView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

/** Writes the next version, or a first one; the same identity however often it is sent. */
export function useWrite(from: FormulaView | undefined, onWritten: () => void) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [fresh] = useState(newId);
  const [fault, setFault] = useState<ProblemError>();
  const id = from?.own ? from.id : fresh;
  const write = async (sheet: FormulaSheet) => {
    try {
      await answered(
        client.PUT('/api/formulas/{id}', {
          params: { path: { id }, header: { 'If-Match': from?.own ? from.latestVersion : 0 } },
          body: {
            sheet,
            note: from && !from.own ? `after ${from.name}, version ${from.version}` : '',
          },
        }),
      );
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e);
      return;
    }
    onWritten();
    await queries.invalidateQueries({ queryKey: ['formulas'] });
    void navigate(`/formulas/${id}`);
  };
  return { write, fault };
}
