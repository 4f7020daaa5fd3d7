import { Button } from '@mui/material';
import { Link } from 'react-router';
import type { FormulaView, KitchenView } from '../../api/client';
import type { Goods } from '../../api/goods';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { useKeys } from '../../ui/keys';
import { Column } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { Comes } from './Comes';
import { HeadFields } from './HeadFields';
import { StageFields } from './StageFields';
import type { Draft } from './draft';
import { EditorGrid, Margin } from './formula.styles';
import { useEditor, type Editing } from './useEditor';
import { useFocusMark } from './useFocusMark';

interface Props {
  start: Draft;
  from: FormulaView | undefined;
  kitchen: KitchenView;
  goods: Goods[];
}

/** What a draft puts in, each once. */
const goodsIn = (draft: Draft): string =>
  [...new Set(draft.stages.flatMap((s) => s.lines.map((l) => l.ingredientId)))]
    .filter(Boolean)
    .join(' ');

const titleOf = (from: FormulaView | undefined): string => {
  if (!from) return 'Write a formula';
  return from.own ? `Change ${from.name}` : `Ours, after ${from.name}`;
};

/** A formula is written as it is read: downwards, with its hours at the left and its cues at the right. */
export function Editor(props: Props) {
  const { from, kitchen, goods } = props;
  const editing = useEditor(props);
  const { draft, ops, pantry, measures, isWhole, save } = editing;
  const ids = goodsIn(draft);
  const focus = useFocusMark();
  const { act } = useAct();
  useKeys(
    isWhole ? [{ key: 's', does: 'Save this version', act: () => act(save), writes: true }] : [],
  );
  return (
    <Page
      title={titleOf(from)}
      sub="Enter adds a line, Alt with an arrow moves it; a whole list can be pasted into any amount"
      acts={
        <>
          <Button
            component={Link}
            to={from ? `/formulas/${from.id}` : '/formulas'}
            onClick={ops.forget}
          >
            Leave
          </Button>
          <ActButton variant="contained" disabled={!isWhole} onAct={save}>
            Save {from?.own ? `version ${from.latestVersion + 1}` : ''}
          </ActButton>
        </>
      }
    >
      {editing.fault && <Note tone="tomato">{editing.fault.summary}</Note>}
      <EditorGrid>
        <Column gap={2.5}>
          <HeadFields draft={draft} change={ops.change} faultAt={editing.faultAt} />
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
              ids={ids}
              faults={editing.faultsOf(i)}
            />
          ))}
        </Column>
        <InTheMargin editing={editing} kitchen={kitchen} />
      </EditorGrid>
    </Page>
  );
}

function InTheMargin({ editing, kitchen }: { editing: Editing; kitchen: KitchenView }) {
  const { analysis, target } = editing;
  return (
    <Margin>
      {analysis ? (
        <Comes
          analysis={analysis}
          target={target}
          units={kitchen.settings.units}
          currency={kitchen.settings.currency}
        />
      ) : (
        <Text tone="muted">Type what goes in: what it comes to is worked out here.</Text>
      )}
      {analysis?.warnings.map((w) => (
        <Note key={w.code + w.text}>{w.text}</Note>
      ))}
    </Margin>
  );
}
