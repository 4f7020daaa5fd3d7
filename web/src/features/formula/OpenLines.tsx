import { Box, Button, Typography } from '@mui/material';
import type { LineReading } from '../../api/client';
import { sizes } from '../../theme/tokens';

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
    <Box
      component="ul"
      aria-label="Not read yet"
      sx={{ listStyle: 'none', p: 1.25, my: 0.5, bgcolor: 'kitchen.tomatoSoft', borderRadius: 1 }}
    >
      {unread.map((line, i) => {
        const question = asked.find((r) => r.text === line);
        return (
          <Box
            component="li"
            key={`${line}${i}`}
            sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1 }}
          >
            <Typography
              role="alert"
              sx={{ fontSize: sizes.note, flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}
            >
              <b>{line}</b>: {question?.question ?? 'not read yet.'}{' '}
              {question && question.couldBe.length > 0 && (
                <>Perhaps {question.couldBe.map((c) => c.name).join(', ')}.</>
              )}
            </Typography>
            <Button size="small" onClick={() => onAnswer(line)}>
              Answer
            </Button>
            <Button size="small" onClick={() => onDrop(line)}>
              Drop it
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
