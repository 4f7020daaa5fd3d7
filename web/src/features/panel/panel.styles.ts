import { Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { sizes } from '../../theme/tokens';
import { laid } from '../../ui/layout';

export const PanelGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
    columnGap: 4,
    rowGap: 3,
  }),
);

export const CupRow = styled('div')(
  laid({
    display: 'flex',
    gap: 2,
    alignItems: 'baseline',
    borderBottom: 1,
    borderColor: 'divider',
    py: 0.75,
  }),
);

export const CodeGround = styled('div')(
  laid({ bgcolor: 'common.white', p: 1, lineHeight: 0, borderRadius: 1 }),
);

export const SeatRow = styled('div')(laid({ borderBottom: 1, borderColor: 'divider', py: 0.5 }));

export const TasterScreen = styled('main')(
  laid({
    minHeight: '100dvh',
    bgcolor: 'background.paper',
    p: 2.5,
    maxWidth: sizes.phone,
    mx: 'auto',
    display: 'flex',
    flexDirection: 'column',
    gap: 2,
  }),
);

export const PlaceButton = styled(Button)(
  laid({ minHeight: sizes.taste, justifyContent: 'space-between', px: 3 }),
);
