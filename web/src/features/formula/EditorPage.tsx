import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { client, type FormulaView } from '../../api/client';
import { useFormula, useFormulas } from '../../api/formulas';
import { goodsOf } from '../../api/goods';
import { useKitchen } from '../../api/kitchen';
import { usePantry } from '../../api/pantry';
import { answered } from '../../api/problem';
import { Editor } from './Editor';
import { draftOf, emptyDraft, type Draft } from './draft';
import { Pending } from '../../ui/Pending';

/** The editor: a new formula, the next version of our own, or our own copy of a shipped one. */
export function EditorPage() {
  const { id } = useParams();
  return id === undefined ? (
    <Loaded key="new" start={emptyDraft()} from={undefined} />
  ) : (
    <Loading key={id} id={id} />
  );
}

function Loading({ id }: { id: string }) {
  const formula = useFormula(id, []);
  const sheet = useQuery({
    queryKey: ['formulas', id, 'sheet'],
    queryFn: () => answered(client.GET('/api/formulas/{id}/sheet', { params: { path: { id } } })),
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
  if (!formula.data || !sheet.data || sheet.isFetching)
    return <Pending title="Formula" step="Formula" shape="columns" error={sheet.error} />;
  return <Loaded start={draftOf(sheet.data)} from={formula.data} />;
}

function Loaded({ start, from }: { start: Draft; from: FormulaView | undefined }) {
  const { data: kitchen } = useKitchen();
  const { data: pantry } = usePantry();
  const { data: shelf } = useFormulas();
  const goods = useMemo(
    () => pantry && shelf && goodsOf(pantry, shelf, from?.id),
    [pantry, shelf, from?.id],
  );
  if (!kitchen || !goods) return <Pending title="Formula" step="Formula" shape="columns" />;
  return <Editor start={start} from={from} kitchen={kitchen} goods={goods} />;
}
