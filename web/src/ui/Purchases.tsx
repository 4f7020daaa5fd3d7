import { Box, Typography } from '@mui/material';
import type { PurchaseView } from '../api/client';
import { show, type Units } from '../quantities';
import { faces, sizes } from '../theme/tokens';

/** What to buy: whole packs, or by weight, and what is over. */
export function Purchases({
  purchases,
  units,
  currency,
}: {
  purchases: readonly PurchaseView[];
  units: Units;
  currency: string;
}) {
  const home = purchases.filter((p) => p.packs.length === 0 && there(p) > 0.0005);
  return (
    <>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {purchases
          .filter((p) => p.packs.length > 0)
          .map((p) => (
            <Box
              component="li"
              key={p.ingredientId}
              sx={{
                display: 'grid',
                gridTemplateColumns: 'minmax(45%, 1fr) auto',
                columnGap: 2,
                py: 0.7,
                borderBottom: 1,
                borderColor: 'divider',
              }}
            >
              <Typography>{p.name}</Typography>
              <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, textAlign: 'right' }}>
                {packsInWords(p.packs, units)}
              </Typography>
              <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
                {show.text(show.mass(p.neededMassKilograms, units))} needed
                {there(p) > 0.0005
                  ? `, ${show.text(show.mass(there(p), units))} there already`
                  : ''}
                {leftOf(p, units)}
              </Typography>
              <Typography
                sx={{ fontSize: sizes.note, color: 'text.secondary', textAlign: 'right' }}
              >
                {p.cost === undefined ? 'no price' : show.text(show.money(p.cost, currency))}
              </Typography>
            </Box>
          ))}
      </Box>
      {home.length > 0 && (
        <Typography sx={{ fontSize: sizes.note, mt: 0.5 }}>
          There already:{' '}
          {home.map((p) => `${show.text(show.mass(there(p), units))} ${p.name}`).join(', ')}.
        </Typography>
      )}
    </>
  );
}

/** Plans of earlier releases do not say what of it was there. */
const there = (p: PurchaseView): number => p.fromStockKilograms ?? 0;

/** Loose goods by weight, others by the pack. */
export const packsInWords = (packs: PurchaseView['packs'], units: Units): string =>
  packs
    .map((k) =>
      k.loose
        ? show.text(show.mass(k.count * k.netMassKilograms, units))
        : `${k.count} × ${k.name}`,
    )
    .join(' + ');

const leftOf = (p: PurchaseView, units: Units): string =>
  p.leftMassKilograms > 0.005 && !p.packs.every((k) => k.loose)
    ? `, ${show.text(show.mass(p.leftMassKilograms, units))} left`
    : '';
