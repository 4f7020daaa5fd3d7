import { Box, Typography } from '@mui/material';
import { useMemo } from 'react';
import type { BalanceView, IngredientView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { effects } from './effects';
import type { BalanceForm } from './form';

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
      <Typography variant="h2">Finish it</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.halves, gap: 1.5 }}>
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
      </Box>
      {f && form.finish.ingredientId && (
        <Box sx={{ mt: 1, display: 'flex', flexDirection: 'column', gap: 0.5 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {effects(was, f.dose) || 'hardly anything changes'}
          </Typography>
          <Typography>
            As thick as {show.text(show.percent(f.dose.solidsFraction))} solids · sharpness{' '}
            {was.sharpness.toFixed(2)} → {f.dose.after.sharpness.toFixed(2)}
          </Typography>
          <Typography>{f.how}.</Typography>
          {f.fromCelsius !== undefined && f.toCelsius !== undefined && (
            <Typography>
              The pot between {show.text(show.temperature(f.fromCelsius, units, 0))} and{' '}
              {show.text(show.temperature(f.toCelsius, units, 0))} when it goes in.
            </Typography>
          )}
          {f.liaison && (
            <Typography sx={{ bgcolor: 'kitchen.brassSoft', borderRadius: 1, p: 1.25 }}>
              Whisk <b>{f.liaison.spoonfuls}</b>{' '}
              {f.liaison.spoonfuls === 1 ? 'spoonful' : 'spoonfuls'} of hot sauce into the bowl, one
              by one: it comes to {show.text(show.temperature(f.liaison.bowlCelsius, units, 0))}.
              Let the pot fall to{' '}
              <b>{show.text(show.temperature(f.liaison.potCelsius, units, 0))}</b>, stir the bowl
              in: {show.text(show.temperature(f.liaison.endCelsius, units, 0))}, and off.
            </Typography>
          )}
          {f.holdSeconds !== undefined && (
            <Typography>
              Good for {show.text(show.span(f.holdSeconds))} hot after that.{' '}
              <Box component="span" sx={{ color: 'text.secondary', fontSize: sizes.note }}>
                For longer hold the sauce without it and finish to order; the rule set’s limits come
                first.
              </Box>
            </Typography>
          )}
        </Box>
      )}
    </Box>
  );
}
