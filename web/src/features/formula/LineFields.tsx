import { Box, Button } from '@mui/material';
import { memo, useCallback, type ClipboardEvent, type KeyboardEvent } from 'react';
import type { IngredientView, School } from '../../api/client';
import { columns, lastOfLine } from '../../theme/tokens';
import { TextLine } from '../../ui/fields';
import { understoodAs, type DraftLine, type MeasuresOf } from './draft';
import { GoodsField } from '../../ui/GoodsField';
import type { DraftOps } from './useDraft';
import { WayPick } from './WayPick';

interface Props {
  stage: string;
  line: DraftLine;
  ways: School[];
  goods: IngredientView[];
  known: IngredientView | undefined;
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
export const LineFields = memo(function LineFields({
  stage,
  line,
  ways,
  goods,
  known,
  measures,
  ops,
  focus,
  onList,
  amountFault,
  goodsFault,
  firstFault,
  afterFault,
}: Props) {
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
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.editLine,
        columnGap: 1.5,
        alignItems: 'start',
        py: 0.25,
      }}
    >
      <TextLine
        label="How much"
        hidden
        mark={line.key}
        text={line.amount}
        onText={(amount) => change({ amount })}
        onKeyDown={keys}
        onPaste={paste}
        placeholder="250 g, 2 tbsp, 3 cloves"
        note={understoodAs(line, known, measures)}
        fault={amountFault}
      />
      <GoodsField goods={goods} chosen={known} onChoose={choose} fault={goodsFault} />
      <TextLine
        label="What is done to it"
        hidden
        text={line.note}
        onText={(note) => change({ note })}
        onKeyDown={keys}
        placeholder="fine dice"
      />
      <TextLine
        label="First dose"
        hidden
        text={line.first}
        onText={(first) => change({ first })}
        onKeyDown={keys}
        placeholder="all of it"
        fault={firstFault}
      />
      <Box
        sx={{ display: 'flex', gap: 0.5, alignItems: 'start', width: lastOfLine(ways.length > 0) }}
      >
        <Box sx={{ width: 64 }}>
          <TextLine
            label="Goes in after"
            hidden
            text={line.after}
            onText={(after) => change({ after })}
            onKeyDown={keys}
            placeholder="at once"
            fault={afterFault}
          />
        </Box>
        {ways.length > 0 && (
          <Box sx={{ width: 96 }}>
            <WayPick
              ways={ways}
              school={line.school}
              onPick={(school) => change({ school })}
              label="Whose way the line is"
              hidden
            />
          </Box>
        )}
        <Button
          size="small"
          aria-label={`Take out ${known?.content.name ?? 'the line'}`}
          onClick={() => ops.dropLine(stage, line.key)}
          sx={{ minWidth: 30, px: 0.5, mt: -0.25 }}
        >
          ×
        </Button>
      </Box>
    </Box>
  );
});
