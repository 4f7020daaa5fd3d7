import { Box } from '@mui/material';
import { memo } from 'react';
import type { PlanPreview, PlanView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Declaration } from '../../ui/Declaration';
import { Purchases } from '../../ui/Purchases';
import { Text } from '../../ui/text';

/** What to buy for it, what it costs, and what eaters have to be told. */
export const ToBuy = memo(function ToBuy({
  plan,
  avoided,
  units,
  currency,
}: {
  plan: PlanView;
  avoided: PlanPreview['avoided'];
  units: Units;
  currency: string;
}) {
  const money = (amount: number) => show.money(amount, currency).value;
  return (
    <>
      <Box component="section" aria-label="To buy">
        <Text variant="h2">To buy</Text>
        <Purchases purchases={plan.purchases} units={units} currency={currency} />
        {plan.cost && (
          <Text sx={{ mt: 0.5 }}>
            A portion <b>{money(plan.cost.usedPerPortion)}</b>
            {plan.cost.lightPortion !== undefined && plan.cost.generousPortion !== undefined && (
              <>
                , {money(plan.cost.lightPortion)} by a light hand to{' '}
                {money(plan.cost.generousPortion)} by a generous one
              </>
            )}
            ; {money(plan.cost.boughtPerPortion)} with all packs · the batch {money(plan.cost.used)}{' '}
            to {money(plan.cost.bought)} {currency}
          </Text>
        )}
      </Box>
      <Box component="section" aria-label="What eaters are told">
        <Text variant="h2">What eaters are told</Text>
        <Declaration of={plan.declaration} avoided={avoided} />
      </Box>
    </>
  );
});
