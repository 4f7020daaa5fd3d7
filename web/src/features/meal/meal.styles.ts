import { styled } from '@mui/material/styles';
import { laid } from '../../ui/layout';
import { Text } from '../../ui/text';

export const DishBlock = styled('div')(laid({ borderTop: 1, borderColor: 'divider', py: 1 }));

export const DishGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) minmax(0, 1fr)',
      sm: 'minmax(0, 2.2fr) minmax(0, 0.8fr) minmax(0, 1fr) auto',
    },
    gap: 1.5,
    alignItems: 'end',
  }),
);

export const FieldPair = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1.2fr) minmax(0, 1.2fr) minmax(0, 0.8fr)',
    gap: 1.5,
    mt: 0.5,
  }),
);

export const GroupRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) 84px auto',
    gap: 1.5,
    alignItems: 'end',
  }),
);

export const MealGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.25fr) minmax(0, 1fr)' },
    columnGap: 4,
    rowGap: 3,
  }),
);

export const NameAndHour = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) minmax(0, 1fr)',
      sm: 'minmax(0, 1.5fr) minmax(0, 0.9fr) minmax(0, 1.1fr) minmax(0, 1.1fr)',
    },
    gap: 2,
  }),
);

export const ToolName = styled(Text)(laid({ borderTop: 2, borderColor: 'text.primary', pt: 0.5 }));
