import { Box, Typography } from '@mui/material';
import type { ItemView, PurchaseView } from '../api/client';
import { show, type Units } from '../quantities';
import { faces, sizes } from '../theme/tokens';

/** A purchase of a plan, or an item of a meal of which some is in stock. */
type Bought = PurchaseView | ItemView;

/** What to buy: whole packs, or by weight, and what is over. */
export function Purchases({ purchases, units, currency }: { purchases: readonly Bought[]; units: Units; currency: string }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {purchases.filter((p) => p.packs.length > 0).map((p) => (
        <Box component="li" key={p.ingredientId} sx={{ display: 'grid', gridTemplateColumns: 'minmax(45%, 1fr) auto', columnGap: 2, py: 0.7, borderBottom: 1, borderColor: 'divider' }}>
          <Typography>{p.name}</Typography>
          <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, textAlign: 'right' }}>{packsInWords(p.packs, units)}</Typography>
          <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>{show.text(show.mass(p.neededMassKilograms, units))} needed{'fromStockKilograms' in p && p.fromStockKilograms > 0.0005 ? `, ${show.text(show.mass(p.fromStockKilograms, units))} from stock` : ''}{leftOf(p, units)}</Typography>
          <Typography sx={{ fontSize: sizes.note, color: 'text.secondary', textAlign: 'right' }}>{p.cost === undefined ? 'no price' : show.text(show.money(p.cost, currency))}</Typography>
        </Box>
      ))}
    </Box>
  );
}

/** Loose goods by weight, others by the pack. */
export const packsInWords = (packs: Bought['packs'], units: Units): string =>
  packs.map((k) => (k.loose ? show.text(show.mass(k.count * k.netMassKilograms, units)) : `${k.count} × ${k.name}`)).join(' + ');

const leftOf = (p: Bought, units: Units): string => (p.leftMassKilograms > 0.005 && !p.packs.every((k) => k.loose) ? `, ${show.text(show.mass(p.leftMassKilograms, units))} left` : '');
