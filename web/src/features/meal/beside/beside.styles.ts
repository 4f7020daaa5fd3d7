import { styled } from '@mui/material/styles';
import { laid } from '../../../ui/layout';

/** What is typed on the left, what comes of it on the right. */
export const Panel = styled('section')(
  laid({
    display: 'grid',
    '& > *': { minWidth: 0 },
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 2.1fr)' },
    columnGap: 4,
    rowGap: 2,
    borderTop: 1,
    borderColor: 'divider',
    pt: 2,
    pb: 3,
  }),
);

export const Fields = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(7.5rem, 1fr))',
    gap: 1.5,
    alignContent: 'start',
    alignItems: 'end',
  }),
);

/** Plates beside each other, as many as there is room for. */
export const Plates = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 22rem), 1fr))',
    columnGap: 4,
    rowGap: 2,
    mt: 1,
  }),
);

/** What is asked of the whole dish. */
export const Ask = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 9rem) minmax(0, 18rem)',
    gap: 2,
    alignItems: 'end',
  }),
);

/** Across all columns of the fields. */
export const Across = styled('div')(laid({ gridColumn: '1 / -1', minWidth: 0 }));

/** Hours and amounts in a row of their own. */
export const Steps = styled('ol')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(min(8.5rem, 100%), 1fr))',
    overflowWrap: 'anywhere',
    gap: 1.5,
    listStyle: 'none',
    p: 0,
    m: 0,
    mt: 1.5,
  }),
);

export const Lines = styled('ul')(laid({ pl: 2, my: 1, overflowWrap: 'anywhere' }));

/** A spell or a reading with its own button. */
export const Typed = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr) auto',
    gap: 1,
    alignItems: 'end',
  }),
);
