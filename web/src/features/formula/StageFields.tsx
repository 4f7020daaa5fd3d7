import { Button } from '@mui/material';
import { memo, useMemo } from 'react';
import type { FormulaSheet, School } from '../../api/client';
import type { Goods } from '../../api/goods';
import { BareList, Row } from '../../ui/layout';
import { TextLine } from '../../ui/fields';
import { Text } from '../../ui/text';
import { Cues } from './Cues';
import { LineFields } from './LineFields';
import { Moves } from './Moves';
import { OpenLines } from './OpenLines';
import { PasteBox } from './PasteBox';
import { StageHead, StageHours } from './StageHead';
import type { MeasuresOf } from './amounts';
import type { DraftStage } from './draft';
import { StageBlock, StageBody, StageColumns } from './formula.styles';
import type { DraftOps } from './useDraft';
import { useReading } from './useReading';

interface Props {
  at: number;
  last: boolean;
  stage: DraftStage;
  choices: FormulaSheet['choices'];
  goods: Goods[];
  pantry: ReadonlyMap<string, Goods>;
  measures: MeasuresOf;
  ops: DraftOps;
  focus: (mark: string) => void;
  /** What the formula puts in, as text, so that equal ones are the same. */
  ids: string;
  /** Faults of this stage by field, as text, so that equal ones are the same. */
  faults: string;
}

/** One stage: how hot and how long at its left, what goes in, and how 'ready' looks at its right. */
export const StageFields = memo(function StageFields(props: Props) {
  const { at, stage, choices, goods, pantry, measures, ops, focus, faults, ids } = props;
  const wrong = useMemo(() => JSON.parse(faults) as Record<string, string>, [faults]);
  const ways = useMemo(
    () =>
      choices.flatMap((c) =>
        c.options.map((o): School => ({ question: c.question, option: o.name })),
      ),
    [choices],
  );
  const change = (to: Partial<DraftStage>) => ops.changeStage(stage.key, to);
  const reading = useReading(stage, ops);
  const used = useMemo(() => ids.split(' ').flatMap((id) => pantry.get(id) ?? []), [ids, pantry]);
  return (
    <StageBlock>
      <Text component="legend" sx={{ position: 'absolute', clipPath: 'inset(50%)' }}>
        Stage {at + 1}
      </Text>
      <StageColumns>
        <StageHours stage={stage} change={change} wrong={wrong} />
        <StageBody>
          <TextLine
            label={`Stage ${at + 1}`}
            text={stage.title}
            onText={(title) => change({ title })}
            fault={wrong.title}
          />
          <StageHead stage={stage} change={change} />
          <BareList sx={{ mt: 1 }}>
            {stage.lines.map((line, i) => (
              <LineFields
                key={line.key}
                stage={stage.key}
                line={line}
                ways={ways}
                goods={goods}
                known={pantry.get(line.ingredientId)}
                measures={measures}
                ops={ops}
                focus={focus}
                onList={reading.setPasted}
                amountFault={wrong[`lines/${i}/massKilograms`]}
                goodsFault={wrong[`lines/${i}/ingredientId`]}
                firstFault={wrong[`lines/${i}/firstDoseFraction`]}
                afterFault={wrong[`lines/${i}/afterMinutes`]}
              />
            ))}
          </BareList>
          <OpenLines
            unread={stage.unread}
            asked={reading.asked}
            onAnswer={reading.answer}
            onDrop={reading.drop}
          />
          {reading.pasted !== '' && (
            <PasteBox text={reading.pasted} onText={reading.setPasted} onRead={reading.read} />
          )}
          <Moves stage={stage} change={change} used={used} wrong={wrong} />
          <StageActs {...props} onPaste={() => reading.setPasted('\n')} />
        </StageBody>
        <Cues stage={stage} change={change} ways={ways} wrong={wrong} />
      </StageColumns>
    </StageBlock>
  );
});

function StageActs({ at, last, stage, ops, focus, onPaste }: Props & { onPaste: () => void }) {
  return (
    <Row gap={0.5} wrap>
      <Button size="small" onClick={() => focus(ops.addLineAfter(stage.key))}>
        Add a line
      </Button>
      <Button size="small" onClick={onPaste}>
        Paste a list
      </Button>
      <Button size="small" disabled={at === 0} onClick={() => ops.moveStage(stage.key, -1)}>
        Up
      </Button>
      <Button size="small" disabled={last} onClick={() => ops.moveStage(stage.key, 1)}>
        Down
      </Button>
      <Button size="small" onClick={() => ops.addStageAfter(stage.key)}>
        Stage after it
      </Button>
      <Button size="small" onClick={() => ops.dropStage(stage.key)}>
        Take the stage out
      </Button>
    </Row>
  );
}
