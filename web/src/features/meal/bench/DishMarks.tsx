import { useTheme } from '@mui/material/styles';
import type { BenchView } from '../../../api/client';
import { Row } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { DishMark } from './bench.styles';
import { dishesOf } from './lanes';

/** Which colour is which dish; solid is a cook's, hatched goes on by itself. */
export function Dishes({ bench }: { bench: BenchView }) {
  const { kitchen: k } = useTheme().vars.palette;
  const strong = [k.tomato, k.brass, k.basil, k.slate];
  return (
    <Row gap={2} wrap>
      {dishesOf(bench).map((name, i) => (
        <Text key={name} size="note" tone="muted" long>
          <DishMark aria-hidden sx={{ background: strong[i % strong.length] }} />
          {name}
        </Text>
      ))}
      <Text size="note" tone="muted">
        solid: hands · hatched: by itself · thin: stands there
      </Text>
    </Row>
  );
}
