import { Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type LotView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { Note } from '../../ui/Note';

/** Labels of an earlier release say something else of it: they are printed anew, and that is noted. */
export function CheckLabels({ lot }: { lot: LotView }) {
  const queries = useQueryClient();
  const [fault, setFault] = useState('');
  const relabelled = async () => {
    try {
      await answered(
        client.POST('/api/lots/{id}/relabelling', { params: { path: { id: lot.id } } }),
      );
      await queries.invalidateQueries({ queryKey: ['lots'] });
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  return (
    <Note tone="tomato">
      Its labels were printed with another statement:{' '}
      {lot.saidOnLabels ? `‘contains ${lot.saidOnLabels}’` : '‘no declared allergen’'}. Print them
      anew and put them on.
      <Button onClick={() => void relabelled()}>The tubs have new labels</Button>
      {fault}
    </Note>
  );
}
