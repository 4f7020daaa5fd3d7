import { Button } from '@mui/material';
import type { FormulaSheet } from '../../api/client';
import { TextLine } from '../../ui/fields';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { QuestionBlock, RemoveButton, WayRow } from './formula.styles';

type Choices = FormulaSheet['choices'];
type Question = Choices[number];
type Way = Question['options'][number];

interface Props {
  choices: Choices;
  change: (to: Choices) => void;
}

const FEWEST_WAYS = 2;
const BLANK: Question = {
  question: 'Question',
  options: [
    { name: 'first way', reason: '' },
    { name: 'second way', reason: '' },
  ],
};

/** Questions on which cooks differ: each with its ways and the reason of each. */
export function Questions({ choices, change }: Props) {
  return (
    <div>
      {choices.length > 0 && (
        <Text variant="caption" tone="muted">
          Questions on which cooks differ
        </Text>
      )}
      {choices.map((c, i) => (
        <QuestionFields
          key={i}
          question={c}
          onQuestion={(to) => change(choices.with(i, to))}
          onDrop={() => change(choices.toSpliced(i, 1))}
        />
      ))}
      <Button size="small" onClick={() => change([...choices, BLANK])}>
        Add a question of schools
      </Button>
    </div>
  );
}

interface QuestionProps {
  question: Question;
  onQuestion: (to: Question) => void;
  onDrop: () => void;
}
function QuestionFields({ question: c, onQuestion, onDrop }: QuestionProps) {
  const put = (i: number, to: Partial<Way>) =>
    onQuestion({
      ...c,
      options: c.options.map((o, j) => (j === i ? { ...o, ...to } : o)),
    });
  return (
    <QuestionBlock>
      <TextLine
        label="Question"
        hidden
        text={c.question}
        onText={(question) => onQuestion({ ...c, question })}
      />
      <div>
        {c.options.map((o, i) => (
          <WayRow key={i}>
            <TextLine
              label={`Way ${i + 1} of ${c.question}`}
              hidden
              text={o.name}
              onText={(name) => put(i, { name })}
            />
            <TextLine
              label={`Why ${o.name}`}
              hidden
              text={o.reason}
              onText={(reason) => put(i, { reason })}
              placeholder="why so"
            />
            <RemoveButton
              size="small"
              aria-label={`Take out the way ${o.name}`}
              disabled={c.options.length <= FEWEST_WAYS}
              onClick={() => onQuestion({ ...c, options: c.options.toSpliced(i, 1) })}
            >
              ×
            </RemoveButton>
          </WayRow>
        ))}
        <Row>
          <Button
            size="small"
            onClick={() =>
              onQuestion({ ...c, options: [...c.options, { name: 'another way', reason: '' }] })
            }
          >
            Another way
          </Button>
          <Button size="small" onClick={onDrop}>
            Take the question out
          </Button>
        </Row>
      </div>
    </QuestionBlock>
  );
}
