import { Box, Typography } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Purchases } from '../../ui/Purchases';
import { sizes } from '../../theme/tokens';
import { Cooked } from './Cooked';

/** One list for all, less what is in stock. */
export function Shopping({ meal, units, currency }: { meal: MealView; units: Units; currency: string }) {
  const home = meal.shopping.filter((i) => i.packs.length === 0 && i.fromStockKilograms > 0);
  return (
    <Box component="section" aria-label="Shopping list" sx={{ minWidth: 0 }}>
      <Typography variant="h2">To buy</Typography>
      {meal.shopping.length === 0 && <Typography sx={{ color: 'text.secondary' }}>Add a dish: what it takes stands here.</Typography>}
      <Purchases purchases={meal.shopping} units={units} currency={currency} />
      {meal.costBought !== undefined && meal.costUsed !== undefined && meal.shopping.length > 0 && <Typography sx={{ mt: 0.5 }}><b>{show.text(show.money(meal.costBought, currency))}</b> for all packs, {show.text(show.money(meal.costUsed, currency))} of it used</Typography>}
      {home.length > 0 && <Typography sx={{ fontSize: sizes.note, mt: 0.5 }}>In stock already: {home.map((i) => `${show.text(show.mass(i.fromStockKilograms, units))} ${i.name}`).join(', ')}.</Typography>}
      {meal.shopping.length > 0 && <Cooked key={meal.id} id={meal.id} names={new Map(meal.shopping.map((i) => [i.ingredientId, i.name]))} units={units} />}
    </Box>
  );
}
