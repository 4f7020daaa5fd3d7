import { Button } from '@mui/material';
import type { LineReading } from '../../api/client';
import { Text } from '../../ui/text';
import { OpenList, OpenRow } from './formula.styles';

interface Props {
  unread: string[];
  asked: LineReading[];
  onAnswer: (line: string) => void;
  onDrop: (line: string) => void;
}

/** Lines that nobody has read yet: they stay with the stage until each is answered or dropped by hand. */
export function OpenLines({ unread, asked, onAnswer, onDrop }: Props) {
  if (unread.length === 0) return null;
  return (
    <OpenList aria-label="Not read yet">
      {unread.map((line, i) => {
        const question = asked.find((r) => r.text === line);
        return (
          <OpenRow key={`${line}${i}`}>
            <Text role="alert" size="note" long sx={{ flex: 1 }}>
              <b>{line}</b>: {question?.question ?? 'not read yet.'}{' '}
              {question && question.couldBe.length > 0 && (
                <>Perhaps {question.couldBe.map((c) => c.name).join(', ')}.</>
              )}
            </Text>
            <Button size="small" onClick={() => onAnswer(line)}>
              Answer
            </Button>
            <Button size="small" onClick={() => onDrop(line)}>
              Drop it
            </Button>
          </OpenRow>
        );
      })}
    </OpenList>
  );
}
