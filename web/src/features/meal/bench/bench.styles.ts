import { styled } from '@mui/material/styles';
import { laid } from '../../../ui/layout';

export const BoxGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(3, minmax(0, 1fr))' },
    columnGap: 4,
    rowGap: 2,
    borderTop: 1,
    borderColor: 'divider',
    pt: 1.5,
  }),
);

export const LateFields = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1.8fr) minmax(0, 1fr)',
    gap: 1,
    alignItems: 'end',
  }),
);

export const RunRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: '74px minmax(0, 1fr)', sm: '110px minmax(0, 1fr) auto' },
    columnGap: 2,
    borderTop: 1,
    borderColor: 'divider',
    py: 1,
    alignItems: 'baseline',
  }),
);

/** In which colour a dish is drawn, with its name. */
export const DishMark = styled('span')(
  laid({ display: 'inline-block', width: 12, height: 12, borderRadius: '3px', mr: 0.75 }),
);
