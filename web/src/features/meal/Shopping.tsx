import { Box } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Purchases } from '../../ui/Purchases';
import { Cooked } from './Cooked';
import { Text } from '../../ui/text';

/** One list for all, less what is in stock. */
export function Shopping({
  meal,
  units,
  currency,
}: {
  meal: MealView;
  units: Units;
  currency: string;
}) {
  return (
    <Box component="section" aria-label="Shopping list" sx={{ minWidth: 0 }}>
      <Text variant="h2">To buy</Text>
      {meal.shopping.length === 0 && (
        <Text tone="muted">Add a dish: what it takes stands here.</Text>
      )}
      <Purchases purchases={meal.shopping} units={units} currency={currency} />
      {meal.costBought !== undefined && meal.costUsed !== undefined && meal.shopping.length > 0 && (
        <Text sx={{ mt: 0.5 }}>
          <b>{show.text(show.money(meal.costBought, currency))}</b> for all packs,{' '}
          {show.text(show.money(meal.costUsed, currency))} goes into the pots, stock counted at its
          price
        </Text>
      )}
      {meal.shopping.length > 0 && (
        <Cooked
          key={meal.id}
          id={meal.id}
          names={new Map(meal.shopping.map((i) => [i.ingredientId, i.name]))}
          units={units}
        />
      )}
    </Box>
  );
}
