import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ProblemError } from '../../api/problem';

/** Saves an edit; what is wrong is kept for the fields. */
export function useSave(onSaved: () => void) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<ProblemError>();
  const save = async (write: () => Promise<unknown>) => {
    try {
      await write();
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setProblem(e);
      return;
    }
    setProblem(undefined);
    await queries.invalidateQueries({ queryKey: ['kitchen'] });
    onSaved();
  };
  return { problem, save };
}
