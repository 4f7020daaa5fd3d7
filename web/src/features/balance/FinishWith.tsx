import { Box } from '@mui/material';
import { useMemo } from 'react';
import type { BalanceView, IngredientView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Pick, TextLine } from '../../ui/fields';
import { effects } from './effects';
import type { BalanceForm } from './form';
import { Column, Well } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { FieldPair } from './balance.styles';

const FINISHES = [
  'butter',
  'extra-virgin-oil',
  'cream',
  'creme-fraiche',
  'egg-yolk',
  'coral',
  'hard-cheese',
  'basil',
  'parsley',
  'lemon-juice',
  'wine-vinegar-red',
];

interface Props {
  form: BalanceForm;
  balance: BalanceView;
  goods: IngredientView[];
  units: Units;
  fault: string | undefined;
  change: (to: Partial<BalanceForm>) => void;
}

/** Something at the end: what it does to fat, acid and body, how it goes in, how long it holds. */
export function FinishWith({ form, balance, goods, units, fault, change }: Props) {
  const options = useMemo(
    () => [
      ['', 'nothing'] as const,
      ...FINISHES.map((id) => [id, goods.find((g) => g.id === id)?.content.name ?? id] as const),
    ],
    [goods],
  );
  const f = balance.finish;
  const was = balance.after;
  return (
    <Box component="section" aria-label="Finish it">
      <Text variant="h2">Finish it</Text>
      <FieldPair>
        <Pick
          label="With"
          value={form.finish.ingredientId}
          options={options}
          onPick={(ingredientId) =>
            change({ finish: { ...form.finish, ingredientId, text: form.finish.text || '100 g' } })
          }
        />
        {form.finish.ingredientId && (
          <TextLine
            label="How much, for all of it"
            text={form.finish.text}
            onText={(text) => change({ finish: { ...form.finish, text } })}
            fault={fault}
          />
        )}
      </FieldPair>
      {f && form.finish.ingredientId && (
        <Column gap={0.5} sx={{ mt: 1 }}>
          <Text strong>{effects(was, f.dose) || 'hardly anything changes'}</Text>
          <Text>
            As thick as {show.text(show.percent(f.dose.solidsFraction))} solids · sharpness{' '}
            {show.fixed(was.sharpness, 2)} → {show.fixed(f.dose.after.sharpness, 2)}
          </Text>
          <Text>{f.how}.</Text>
          {f.fromCelsius !== undefined && f.toCelsius !== undefined && (
            <Text>
              The pot between {show.text(show.temperature(f.fromCelsius, units, 0))} and{' '}
              {show.text(show.temperature(f.toCelsius, units, 0))} when it goes in.
            </Text>
          )}
          {f.liaison && <Bowl liaison={f.liaison} units={units} />}
          {f.holdSeconds !== undefined && (
            <Text>
              Good for {show.text(show.span(f.holdSeconds))} hot after that.{' '}
              <Span tone="muted" size="note">
                For longer hold the sauce without it and finish to order; the rule set’s limits come
                first.
              </Span>
            </Text>
          )}
        </Column>
      )}
    </Box>
  );
}

interface BowlProps {
  liaison: NonNullable<NonNullable<BalanceView['finish']>['liaison']>;
  units: Units;
}
/** Yolks are warmed in their bowl before they meet the pot. */
function Bowl({ liaison: l, units }: BowlProps) {
  const degrees = (celsius: number) => show.text(show.temperature(celsius, units, 0));
  return (
    <Well on="warn">
      <Text>
        Whisk <b>{l.spoonfuls}</b> {l.spoonfuls === 1 ? 'spoonful' : 'spoonfuls'} of hot sauce into
        the bowl, one by one: it comes to {degrees(l.bowlCelsius)}. Let the pot fall to{' '}
        <b>{degrees(l.potCelsius)}</b>, stir the bowl in: {degrees(l.endCelsius)}, and off.
      </Text>
    </Well>
  );
}
