import { Button } from '@mui/material';
import { useId, type ReactNode } from 'react';
import type { ProblemError } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Column, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { QuestionItem } from './kitchen.styles';

/** What becomes of a question. */
export interface Answering {
  onAnswered: () => void;
  onSkip: () => void;
}

interface Props {
  asks: string;
  /** Why it is asked. */
  because: string;
  /** What is known so far. */
  answer: string;
  open: boolean;
  onOpen: () => void;
  children: ReactNode;
}

/** One question: open with its fields, or a line with what is known. */
export function Question({ asks, because, answer, open, onOpen, children }: Props) {
  const id = useId();
  return (
    <QuestionItem aria-labelledby={id}>
      <div>
        <Text variant="h2" id={id}>
          {asks}
        </Text>
        {open ? <Text tone="muted">{because}</Text> : <Text long>{answer}</Text>}
      </div>
      {!open && (
        <Button onClick={onOpen} aria-label={`Change: ${asks}`}>
          Change
        </Button>
      )}
      {open && (
        <Column gap={1.5} sx={{ gridColumn: '1 / -1', mt: 1 }}>
          {children}
        </Column>
      )}
    </QuestionItem>
  );
}

interface ActsProps extends Answering {
  ready: boolean;
  refused?: ProblemError | undefined;
  onAnswer: () => Promise<unknown>;
}

/** That is so, or not now. */
export function AnswerActs({ ready, refused, onAnswer, onSkip }: ActsProps) {
  return (
    <>
      {refused && <Note tone="tomato">{refused.summary}</Note>}
      <Row wrap>
        <ActButton variant="contained" disabled={!ready} onAct={onAnswer}>
          That is so
        </ActButton>
        <Button variant="outlined" onClick={onSkip}>
          Not now
        </Button>
      </Row>
    </>
  );
}
