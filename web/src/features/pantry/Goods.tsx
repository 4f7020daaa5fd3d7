import { Box, Button, Typography } from '@mui/material';
import { memo } from 'react';
import type { IngredientView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { ALLERGENS } from './words';

interface Props {
  goods: IngredientView[];
  kitchen: KitchenView;
  onEdit: (of: IngredientView) => void;
}

/** Ingredients with what a cook asks of them first. */
export const Goods = memo(function Goods({ goods, kitchen, onEdit }: Props) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {goods.map((g) => (
        <Row key={g.id} of={g} kitchen={kitchen} onEdit={() => onEdit(g)} />
      ))}
    </Box>
  );
});

function Row({
  of,
  kitchen,
  onEdit,
}: {
  of: IngredientView;
  kitchen: KitchenView;
  onEdit: () => void;
}) {
  const { content: c } = of;
  const { units, currency } = kitchen.settings;
  const carries = c.allergens.map((a) => ALLERGENS[a]).toSorted();
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.goods,
        columnGap: 2,
        py: 0.8,
        borderBottom: 1,
        borderColor: 'divider',
        alignItems: 'baseline',
        opacity: of.retired ? 0.6 : 1,
      }}
    >
      <Typography sx={{ fontWeight: 600 }}>
        {c.name}
        {of.retired && ', put away'}
        {of.own && !of.retired && (
          <Box
            component="span"
            sx={{ fontSize: sizes.small, fontWeight: 500, color: 'text.secondary' }}
          >
            {' '}
            ours
          </Box>
        )}
      </Typography>
      <Typography sx={{ fontSize: sizes.note, display: { xs: 'none', md: 'block' } }}>
        {show.text(show.percent(of.solidsFraction))} solids
      </Typography>
      <Typography
        sx={{ fontSize: sizes.note, color: 'text.secondary', gridColumn: { xs: 1, md: 'auto' } }}
      >
        {c.packs
          .map(
            (p) =>
              `${p.loose ? show.text(show.money((p.price ?? 0) / p.netMassKilograms, currency)) + ' a kg' : `${p.name} ${p.price === undefined ? 'no price' : show.money(p.price, currency).value}`}`,
          )
          .join(', ') || 'not bought'}
      </Typography>
      <Typography
        sx={{ fontSize: sizes.note, color: 'text.secondary', gridColumn: { xs: 1, md: 'auto' } }}
      >
        {carries.length > 0
          ? carries.join(', ')
          : c.pieceMassKilograms === undefined
            ? ''
            : `${c.pieceName} ${show.text(show.mass(c.pieceMassKilograms, units))}`}
      </Typography>
      <Button
        size="small"
        aria-label={`Open ${c.name}`}
        onClick={onEdit}
        sx={{ gridRow: { xs: 1, md: 'auto' }, gridColumn: { xs: 2, md: 'auto' } }}
      >
        Open
      </Button>
    </Box>
  );
}
