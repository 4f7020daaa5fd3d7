import { useQueryClient } from '@tanstack/react-query';
import { client, type LotView } from '../../api/client';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';

/** Labels of an earlier release say something else of it: they are printed anew, and that is noted. */
export function CheckLabels({ lot }: { lot: LotView }) {
  const queries = useQueryClient();
  const relabelled = async () => {
    const of = { params: { path: { id: lot.id } } };
    await answered(client.POST('/api/lots/{id}/relabelling', of));
    await queries.invalidateQueries({ queryKey: ['lots'] });
  };
  return (
    <Note tone="tomato">
      Its labels were printed with another statement:{' '}
      {lot.saidOnLabels ? `‘contains ${lot.saidOnLabels}’` : '‘no declared allergen’'}. Print them
      anew and put them on. <ActButton onAct={relabelled}>The tubs have new labels</ActButton>
    </Note>
  );
}
