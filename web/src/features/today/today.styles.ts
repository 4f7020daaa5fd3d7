import { styled } from '@mui/material/styles';
import { Link } from 'react-router';
import { sizes } from '../../theme/tokens';
import { BareList, laid } from '../../ui/layout';

export const TodayGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
    gap: 3.5,
    alignItems: 'start',
  }),
);

export const NeedList = styled(BareList)(
  laid({ borderTop: 1, borderColor: 'divider', minWidth: 0 }),
);

export const NeedItem = styled('li')(laid({ borderBottom: 1, borderColor: 'divider' }));

export const NeedLink = styled(Link)(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: '80px minmax(0, 1fr)', sm: '104px minmax(0, 1fr) auto' },
    columnGap: 2,
    alignItems: 'center',
    minHeight: sizes.target,
    py: 0.75,
    color: 'text.primary',
    textDecoration: 'none',
    '&:hover': { bgcolor: 'kitchen.well' },
    // On a phone the line itself says where: the words at its end give way.
    '& > :last-child': { display: { xs: 'none', sm: 'block' } },
  }),
);

export const GlanceLink = styled(Link)(
  laid({
    display: 'block',
    minHeight: sizes.press,
    color: 'text.primary',
    textDecoration: 'none',
  }),
);

export const UrnBox = styled('span')(laid({ minWidth: sizes.thumb / 3 }));
