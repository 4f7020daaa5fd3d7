import type { PurchaseView } from '../api/client';
import { show, type Units } from '../quantities';
import { BareList } from './layout';
import { Text } from './text';
import { PurchaseRow } from './ui.styles';

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
      <BareList>
        {purchases
          .filter((p) => p.packs.length > 0)
          .map((p) => (
            <PurchaseRow key={p.ingredientId}>
              <Text>{p.name}</Text>
              <Text figures end>
                {packsInWords(p.packs, units)}
              </Text>
              <Text tone="muted" size="note">
                {show.text(show.mass(p.neededMassKilograms, units))} needed
                {there(p) > 0.0005
                  ? `, ${show.text(show.mass(there(p), units))} there already`
                  : ''}
                {leftOf(p, units)}
              </Text>
              <Text tone="muted" size="note" end>
                {p.cost === undefined ? 'no price' : show.text(show.money(p.cost, currency))}
              </Text>
            </PurchaseRow>
          ))}
      </BareList>
      {home.length > 0 && (
        <Text size="note" sx={{ mt: 0.5 }}>
          There already:{' '}
          {home.map((p) => `${show.text(show.mass(there(p), units))} ${p.name}`).join(', ')}.
        </Text>
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
