import { Box, Button } from '@mui/material';
import type { IngredientView } from '../../api/client';
import { GoodsField } from '../../ui/GoodsField';
import { TextLine } from '../../ui/fields';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { PlateRow } from './balance.styles';
import type { AmountText, BalanceForm } from './form';

const SUGGESTED: (AmountText & { words: string })[] = [
  { ingredientId: 'hard-cheese', text: '8 g', words: 'hard cheese' },
  { ingredientId: 'pasta-water-strong', text: '25 g', words: 'strong pasta water' },
  { ingredientId: 'pasta-water', text: '25 g', words: 'mild pasta water' },
  { ingredientId: 'pasta-water-plain', text: '25 g', words: 'pasta water without salt' },
];

interface Props {
  form: BalanceForm;
  goods: IngredientView[];
  faultAt: (field: string) => string | undefined;
  change: (to: Partial<BalanceForm>) => void;
}

/** What meets the sauce on each plate, and brings salt and savour of its own. */
export function Plate({ form, goods, faultAt, change }: Props) {
  const put = (place: number, to: Partial<AmountText>) =>
    change({ plate: form.plate.map((line, i) => (i === place ? { ...line, ...to } : line)) });
  const open = SUGGESTED.filter(
    (s) => !form.plate.some((line) => line.ingredientId === s.ingredientId),
  );
  return (
    <Box sx={{ mt: 1.5 }}>
      <Text variant="caption" tone="muted">
        What meets it on each plate
      </Text>
      {form.plate.map((line, i) => (
        <PlateRow key={i}>
          <GoodsField
            goods={goods}
            chosen={goods.find((g) => g.id === line.ingredientId)}
            onChoose={(ingredientId) => put(i, { ingredientId })}
            fault={undefined}
          />
          <TextLine
            label={`How much on each plate, ${i + 1}`}
            hidden
            text={line.text}
            onText={(text) => put(i, { text })}
            fault={faultAt(`plate.${i}`)}
          />
          <Button
            size="small"
            onClick={() => change({ plate: form.plate.filter((_, at) => at !== i) })}
            aria-label={`Leave out line ${i + 1} of the plate`}
          >
            Leave out
          </Button>
        </PlateRow>
      ))}
      <Row gap={0.75} wrap sx={{ mt: 0.75 }}>
        {open.map(({ words, ...line }) => (
          <Button
            key={words}
            size="small"
            variant="outlined"
            onClick={() => change({ plate: [...form.plate, line] })}
          >
            + {words}
          </Button>
        ))}
        <Button
          size="small"
          variant="outlined"
          onClick={() =>
            change({ plate: [...form.plate, { ingredientId: 'capers', text: '5 g' }] })
          }
        >
          + something else
        </Button>
      </Row>
    </Box>
  );
}
