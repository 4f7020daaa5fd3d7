import { styled } from '@mui/material/styles';
import { RuledRow, laid } from '../../ui/layout';

export const BurnerRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) auto auto',
      sm: 'minmax(110px, 1fr) auto auto auto',
    },
    columnGap: 2,
    alignItems: 'center',
    py: 0.5,
  }),
);

export const ThingRow = styled(RuledRow)(
  laid({ display: 'flex', gap: 2, alignItems: 'center', py: 0.5 }),
);

export const KitchenGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(260px, 320px)' },
    gap: 4,
  }),
);

export const LimitRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) auto',
      md: 'minmax(0, 1.4fr) 96px minmax(0, 1.2fr) auto',
    },
    columnGap: 2,
    alignItems: 'baseline',
    py: 0.6,
  }),
);

export const RuleRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr)',
      md: 'minmax(0, 1.4fr) 96px minmax(0, 1.2fr) auto',
    },
    columnGap: 2,
    py: 0.6,
  }),
);

export const FactRow = styled(RuledRow)(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', columnGap: 1, pb: 1 }),
);

export const FactGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
    columnGap: 2,
    rowGap: 1,
  }),
);

export const QuestionList = styled('ol')({ listStyle: 'none', padding: 0, margin: 0 });

export const QuestionItem = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) auto',
    alignItems: 'center',
    columnGap: 2,
    py: 1.5,
  }),
);
