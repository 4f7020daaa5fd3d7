import { memo } from 'react';
import type { IngredientView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { Jar } from '../../ui/Jar';
import { BareList } from '../../ui/layout';
import { Span, Text } from '../../ui/text';
import { GoodsItem, GoodsPress } from './pantry.styles';
import { ALLERGENS } from './words';

interface Props {
  goods: IngredientView[];
  kitchen: KitchenView;
  onEdit: (of: IngredientView) => void;
}

/** Ingredients with what a cook asks of them first. */
export const Goods = memo(function Goods({ goods, kitchen, onEdit }: Props) {
  return (
    <BareList>
      {goods.map((g) => (
        <GoodsItem key={g.id} retired={g.retired}>
          <GoodsPress onClick={() => onEdit(g)}>
            <Jar solidsFraction={g.solidsFraction} />
            <Ingredient of={g} kitchen={kitchen} />
          </GoodsPress>
        </GoodsItem>
      ))}
    </BareList>
  );
});

function Ingredient({ of, kitchen }: { of: IngredientView; kitchen: KitchenView }) {
  const { content: c } = of;
  const { units, currency } = kitchen.settings;
  const carries = c.allergens.map((a) => ALLERGENS[a]).toSorted();
  const piece =
    c.pieceMassKilograms === undefined
      ? ''
      : `${c.pieceName} ${show.text(show.mass(c.pieceMassKilograms, units))}`;
  const facts = [`${show.text(show.percent(of.solidsFraction))} solids`, piece];
  return (
    <>
      <span>
        <Text component="span" bold long sx={{ display: 'block' }}>
          {c.name}
          {of.retired && ', put away'}
          {of.own && !of.retired && (
            <Span tone="muted" size="small" plain>
              {' '}
              ours
            </Span>
          )}
        </Text>
        <Span tone="muted" size="note">
          {facts.filter(Boolean).join(' · ')}
          {carries.length > 0 && ' · '}
          <Span tone="warn" strong>
            {carries.join(', ')}
          </Span>
        </Span>
      </span>
      <Span size="note" end>
        {c.packs.map((p) => packWords(p, currency)).join(', ') || 'not bought'}
      </Span>
    </>
  );
}

function packWords(p: IngredientView['content']['packs'][number], currency: string): string {
  if (p.loose)
    return `${show.text(show.money((p.price ?? 0) / p.netMassKilograms, currency))} a kg`;
  return `${p.name} ${p.price === undefined ? 'no price' : show.money(p.price, currency).value}`;
}
