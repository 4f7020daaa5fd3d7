import { Box, Checkbox, FormControlLabel } from '@mui/material';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

interface TickProps {
  words: string;
  on: boolean;
  onTick: () => void;
}

/** One thing that is so or not. */
export function Tick({ words, on, onTick }: TickProps) {
  return (
    <FormControlLabel
      control={<Checkbox size="small" checked={on} onChange={onTick} sx={{ py: 0.25 }} />}
      label={words}
    />
  );
}

interface Props<T extends string> {
  title: string;
  all: [T, string][];
  chosen: readonly T[];
  onChosen: (all: T[]) => void;
}

/** Some of many. */
export function Ticks<T extends string>({ title, all, chosen, onChosen }: Props<T>) {
  const toggled = (one: T) =>
    chosen.includes(one) ? chosen.filter((x) => x !== one) : [...chosen, one];
  return (
    <Box role="group" aria-label={title}>
      <Text variant="h2">{title}</Text>
      <Row gap={0} wrap>
        {all.map(([key, words]) => (
          <Tick
            key={key}
            words={words}
            on={chosen.includes(key)}
            onTick={() => onChosen(toggled(key))}
          />
        ))}
      </Row>
    </Box>
  );
}
