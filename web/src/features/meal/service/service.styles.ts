import { styled } from '@mui/material/styles';
import { laid } from '../../../ui/layout';

export const Cards = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
    gap: 2,
  }),
);

/** What goes over the pass of one dish. */
export const Card = styled('section')(
  laid({
    display: 'flex',
    flexDirection: 'column',
    gap: 1,
    borderTop: 3,
    borderColor: 'text.primary',
    pt: 1,
    minWidth: 0,
  }),
);

export const PlateRow = styled('li')(
  laid({ display: 'flex', gap: 1, justifyContent: 'space-between', alignItems: 'center', py: 0.5 }),
);

export const DoneRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) 84px 84px 96px',
    columnGap: 1,
    borderTop: 1,
    borderColor: 'divider',
    py: 0.5,
    alignItems: 'baseline',
  }),
);
