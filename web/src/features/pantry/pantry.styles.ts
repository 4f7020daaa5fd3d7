import { styled } from '@mui/material/styles';
import { PressRow, RuledRow, laid } from '../../ui/layout';
import { own } from '../../ui/own';

export const AvoidRow = styled(RuledRow)(
  laid({ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }),
);

export const NameGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr)',
      sm: 'minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1.6fr)',
    },
    gap: 2,
  }),
);

export const ShareGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr) minmax(0, 1fr)', sm: 'repeat(4, minmax(0, 1fr))' },
    gap: 2,
  }),
);

export const PackRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) minmax(0, 1fr)',
      sm: 'minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr) auto auto',
    },
    gap: 2,
    alignItems: 'center',
  }),
);

export const PantryGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(260px, 320px)' },
    gap: 4,
  }),
);

export const StockRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) auto',
    py: 0.5,
    alignItems: 'center',
  }),
);

export const GoodsItem = styled(
  'li',
  own('retired'),
)<{ retired: boolean }>(({ theme, retired }) => ({
  borderBottom: `1px solid ${theme.vars.palette.divider}`,
  opacity: retired ? 0.6 : 1,
}));

export const GoodsPress = styled(PressRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: '24px minmax(0, 1fr)', sm: '24px minmax(0, 1.6fr) minmax(0, 1fr)' },
    columnGap: 1.5,
    alignItems: 'center',
    '& > :nth-of-type(3)': { gridColumn: { xs: 2, sm: 'auto' } },
  }),
);
