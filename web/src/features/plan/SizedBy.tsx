import { Box, Button } from '@mui/material';
import { memo } from 'react';
import { useStock } from '../../api/pantry';
import type { PlanPreview, PlanView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Pick, TextLine } from '../../ui/fields';
import type { Available, PlanForm } from './form';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { StockedRow } from './plan.styles';

const WAYS = [
  { value: 'COVERS', text: 'who eats' },
  { value: 'STOCK', text: 'what there is' },
  { value: 'POT', text: 'the pot' },
] as const;

interface Props {
  sizedBy: PlanForm['sizedBy'];
  available: Available[];
  change: (to: Partial<PlanForm>) => void;
  purchases: PlanView['purchases'];
  from: PlanPreview['fromStock'];
  portions: number | undefined;
  fault: string | undefined;
  units: Units;
}

/** What decides how large the batch is: people, what there is, or the pot. */
export const SizedBy = memo(function SizedBy({
  sizedBy,
  available,
  change,
  purchases,
  from,
  portions,
  fault,
  units,
}: Props) {
  return (
    <Box>
      <Choices
        label="Plan by"
        options={WAYS}
        chosen={sizedBy}
        onChoose={(by) => change({ sizedBy: by })}
      />
      {sizedBy === 'STOCK' && <Stocked {...{ rows: available, change, purchases, fault, units }} />}
      {(sizedBy === 'POT' || (sizedBy === 'STOCK' && available.some((a) => a.text.trim()))) &&
        portions !== undefined &&
        !fault && (
          <Text role="status" size="note" sx={{ mt: 0.5 }}>
            <b>It feeds {Math.floor(portions + 1e-6)}.</b>{' '}
            {from &&
              `${from.boundName} runs out first${from.unused.map((u) => `; ${show.text(show.mass(u.massKilograms, units))} of ${u.name} left`).join('')}.`}
            {sizedBy === 'POT' && 'As full as a lively boil allows.'}
          </Text>
        )}
    </Box>
  );
});

interface RowsProps {
  rows: Available[];
  change: Props['change'];
  purchases: PlanView['purchases'];
  fault: string | undefined;
  units: Units;
}

function Stocked({ rows, change, purchases, fault, units }: RowsProps) {
  const { data: stock = [] } = useStock();
  if (purchases.length === 0) return null;
  const options = purchases.map((p) => [p.ingredientId, p.name] as const);
  const most =
    purchases.toSorted((a, b) => b.neededMassKilograms - a.neededMassKilograms)[0]?.ingredientId ??
    '';
  const shown = rows.length > 0 ? rows : [{ ingredientId: most, text: '' }];
  const set = (available: Available[]) => change({ available });
  const onShelf = purchases.flatMap((p) => {
    const kilograms = stock
      .filter((s) => s.ingredientId === p.ingredientId)
      .reduce((sum, s) => sum + s.massKilograms, 0);
    return kilograms > 0
      ? [{ ingredientId: p.ingredientId, text: show.typedMass(kilograms, units) }]
      : [];
  });
  const free = options.find(([id]) => !shown.some((row) => row.ingredientId === id));
  return (
    <Box sx={{ mt: 0.5 }}>
      {shown.map((row, i) => (
        <StockedRow key={i}>
          <Pick
            label={`What there is, ${i + 1}`}
            hidden
            options={options}
            value={row.ingredientId}
            onPick={(ingredientId) => set(shown.with(i, { ...row, ingredientId }))}
          />
          <TextLine
            label={`How much there is, ${i + 1}`}
            hidden
            placeholder="2 kg"
            text={row.text}
            onText={(text) => set(shown.with(i, { ...row, text }))}
          />
          <Button
            size="small"
            sx={{ minWidth: 0 }}
            aria-label={`Take line ${i + 1} out`}
            onClick={() => set(shown.toSpliced(i, 1))}
          >
            ×
          </Button>
        </StockedRow>
      ))}
      {fault && (
        <Text role="alert" tone="alarm" size="small">
          {fault}
        </Text>
      )}
      <Row>
        {free && (
          <Button size="small" onClick={() => set([...shown, { ingredientId: free[0], text: '' }])}>
            Another
          </Button>
        )}
        {onShelf.length > 0 && (
          <Button size="small" onClick={() => set(onShelf)}>
            What is on the shelf
          </Button>
        )}
      </Row>
    </Box>
  );
}
