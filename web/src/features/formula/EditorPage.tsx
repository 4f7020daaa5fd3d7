import { Box, Button, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useKeys } from '../../app/keys';
import { client, type FormulaView, type IngredientView, type KitchenView } from '../../api/client';
import { useFormula } from '../../api/formulas';
import { measuresOf, useKitchen } from '../../api/kitchen';
import { usePantry } from '../../api/pantry';
import { answered } from '../../api/problem';
import { columns } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Comes } from './Comes';
import { draftOf, emptyDraft, sheetOf, type Draft } from './draft';
import { HeadFields } from './HeadFields';
import { StageFields } from './StageFields';
import { useAnalysis } from './useAnalysis';
import { useDraft } from './useDraft';
import { useFocusMark } from './useFocusMark';
import { useWrite } from './useWrite';

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
    return (
      <Page title="Formula" sub="" step="Formula">
        {sheet.error && <Note tone="tomato">{sheet.error.message}</Note>}
      </Page>
    );
  return <Loaded start={draftOf(sheet.data)} from={formula.data} />;
}

function Loaded({ start, from }: { start: Draft; from: FormulaView | undefined }) {
  const { data: kitchen } = useKitchen();
  const { data: goods } = usePantry();
  if (!kitchen || !goods)
    return (
      <Page title="Formula" sub="" step="Formula">
        {null}
      </Page>
    );
  return <Editor start={start} from={from} kitchen={kitchen} goods={goods} />;
}

function Editor({
  start,
  from,
  kitchen,
  goods,
}: {
  start: Draft;
  from: FormulaView | undefined;
  kitchen: KitchenView;
  goods: IngredientView[];
}) {
  const { draft, ops } = useDraft(start, from?.id ?? 'new');
  const focus = useFocusMark();
  const pantry = useMemo(() => new Map(goods.map((g) => [g.id, g])), [goods]);
  const measures = useCallback(
    (ingredientId: string) => measuresOf(kitchen, ingredientId),
    [kitchen],
  );
  const { sheet, faults } = useMemo(
    () => sheetOf(draft, pantry, measures),
    [draft, pantry, measures],
  );
  const named = sheet && draft.name.trim() ? sheet : undefined;
  const { analysis, problem } = useAnalysis(
    sheet && sheet.stages.some((s) => s.lines.length > 0)
      ? { ...sheet, name: sheet.name.trim() || 'not named yet' }
      : undefined,
  );
  const { write, fault } = useWrite(from, ops.forget);
  const faultAt = (pointer: string) =>
    faults.get(pointer) ?? problem?.at(pointer) ?? fault?.at(pointer);
  const faultsOf = (stage: number) => {
    const at = `/stages/${stage}/`;
    const told = [
      ...faults,
      ...(problem?.problem.errors ?? []).map(
        (e) => [e.pointer, `${e.message} ${e.remedy}`] as const,
      ),
    ].filter(([pointer]) => pointer.startsWith(at));
    return JSON.stringify(
      Object.fromEntries(told.map(([pointer, words]) => [pointer.slice(at.length), words])),
    );
  };
  const save = () => named && !problem && void write(named);
  useKeys(named ? [{ key: 's', does: 'Save this version', act: save }] : []);
  const title = from
    ? from.own
      ? `Change ${from.name}`
      : `Ours, after ${from.name}`
    : 'Write a formula';
  const acts = (
    <>
      <Button
        component={Link}
        to={from ? `/formulas/${from.id}` : '/formulas'}
        onClick={ops.forget}
      >
        Leave
      </Button>
      <Button variant="contained" disabled={!named || Boolean(problem)} onClick={save}>
        Save {from?.own ? `version ${from.latestVersion + 1}` : ''}
      </Button>
    </>
  );
  return (
    <Page
      title={title}
      sub="Enter adds a line, Alt with an arrow moves it; a whole list can be pasted into any amount"
      acts={acts}
    >
      {fault && <Note tone="tomato">{fault.summary}</Note>}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.editor, gap: 3.5 }}>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2.5, minWidth: 0 }}>
          <HeadFields draft={draft} change={ops.change} faultAt={faultAt} />
          {draft.stages.map((stage, i) => (
            <StageFields
              key={stage.key}
              at={i}
              last={i === draft.stages.length - 1}
              stage={stage}
              choices={draft.choices}
              goods={goods}
              pantry={pantry}
              measures={measures}
              ops={ops}
              focus={focus}
              faults={faultsOf(i)}
            />
          ))}
        </Box>
        <Box
          sx={{
            position: { lg: 'sticky' },
            top: 12,
            alignSelf: 'start',
            display: 'flex',
            flexDirection: 'column',
            gap: 1.5,
          }}
        >
          {analysis ? (
            <Comes
              analysis={analysis}
              target={sheet?.targetSolidsFraction}
              units={kitchen.settings.units}
              currency={kitchen.settings.currency}
            />
          ) : (
            <Typography sx={{ color: 'text.secondary' }}>
              Type what goes in: what it comes to is worked out here.
            </Typography>
          )}
          {analysis?.warnings.map((w) => (
            <Note key={w.code + w.text}>{w.text}</Note>
          ))}
        </Box>
      </Box>
    </Page>
  );
}
