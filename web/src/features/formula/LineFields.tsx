import { memo, useCallback, useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import type { School } from '../../api/client';
import type { Goods } from '../../api/goods';
import { GoodsField } from '../../ui/GoodsField';
import { TextLine } from '../../ui/fields';
import { WayPick } from './WayPick';
import { understoodAs, type MeasuresOf } from './amounts';
import type { DraftLine } from './draft';
import { LaterRow, LineItem, LineRow, RemoveButton, WhenButton } from './formula.styles';
import type { DraftOps } from './useDraft';

interface Props {
  stage: string;
  line: DraftLine;
  ways: School[];
  goods: Goods[];
  known: Goods | undefined;
  measures: MeasuresOf;
  ops: DraftOps;
  focus: (mark: string) => void;
  onList: (text: string) => void;
  amountFault: string | undefined;
  goodsFault: string | undefined;
  firstFault: string | undefined;
  afterFault: string | undefined;
}

/** One ingredient of a stage, in a row that the keyboard can work alone. */
export const LineFields = memo(function LineFields(props: Props) {
  const { stage, line, goods, known, measures, ops, focus, onList } = props;
  const change = useCallback(
    (to: Partial<DraftLine>) => ops.changeLine(stage, line.key, to),
    [ops, stage, line.key],
  );
  const choose = useCallback((ingredientId: string) => change({ ingredientId }), [change]);
  const keys = (e: KeyboardEvent) => {
    if (e.key === 'Enter') focus(ops.addLineAfter(stage, line.key));
    else if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
      ops.moveLine(stage, line.key, e.key === 'ArrowUp' ? -1 : 1);
      focus(line.key);
    } else return;
    e.preventDefault();
  };
  const paste = (e: ClipboardEvent) => {
    const text = e.clipboardData.getData('text');
    if (!text.trim().includes('\n')) return;
    e.preventDefault();
    onList(text);
  };
  const name = known?.content.name ?? 'the line';
  const [open, setOpen] = useState(Boolean(line.first || line.after || line.school));
  return (
    <LineItem>
      <LineRow>
        <TextLine
          label="How much"
          hidden
          mark={line.key}
          text={line.amount}
          onText={(amount) => change({ amount })}
          onKeyDown={keys}
          onPaste={paste}
          placeholder="250 g, 2 tbsp"
          note={understoodAs(line, known, measures)}
          fault={props.amountFault}
        />
        <GoodsField goods={goods} chosen={known} onChoose={choose} fault={props.goodsFault} />
        <TextLine
          label="What is done to it"
          hidden
          text={line.note}
          onText={(note) => change({ note })}
          onKeyDown={keys}
          placeholder="fine dice"
        />
        <WhenButton
          size="small"
          aria-expanded={open}
          aria-label={`When ${name} goes in`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'when' : 'at once'}
        </WhenButton>
        <RemoveButton
          size="small"
          aria-label={`Take out ${name}`}
          onClick={() => ops.dropLine(stage, line.key)}
        >
          ×
        </RemoveButton>
      </LineRow>
      {open && <Later {...props} change={change} onKeyDown={keys} />}
    </LineItem>
  );
});

interface LaterProps extends Props {
  change: (to: Partial<DraftLine>) => void;
  onKeyDown: (e: KeyboardEvent) => void;
}
/** When it goes in and whose way it is, where that is not: all of it, at once, by everyone. */
function Later({ line, ways, change, onKeyDown, firstFault, afterFault }: LaterProps) {
  return (
    <LaterRow>
      <TextLine
        label="First dose"
        text={line.first}
        onText={(first) => change({ first })}
        onKeyDown={onKeyDown}
        placeholder="all of it"
        fault={firstFault}
      />
      <TextLine
        label="Goes in after"
        text={line.after}
        onText={(after) => change({ after })}
        onKeyDown={onKeyDown}
        placeholder="at once"
        fault={afterFault}
      />
      {ways.length > 0 && (
        <WayPick
          ways={ways}
          school={line.school}
          onPick={(school) => change({ school })}
          label="Whose way the line is"
        />
      )}
    </LaterRow>
  );
}
