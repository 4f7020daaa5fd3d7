import { styled } from '@mui/material/styles';
import { sizes } from '../../theme/tokens';
import { RuledRow, laid } from '../../ui/layout';

export const LogRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) minmax(0, 1fr)',
      md: 'minmax(160px, 1.4fr) repeat(3, minmax(120px, 1fr)) minmax(0, 2fr)',
    },
    gap: 2,
    py: 1.75,
    alignItems: 'start',
  }),
);

export const RateRow = styled(RuledRow)(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: '92px minmax(0, 1fr) auto', sm: '150px minmax(0, 1fr) 96px' },
    columnGap: 2,
    alignItems: 'center',
    py: 0.5,
  }),
);

export const SourceForm = styled('form')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) minmax(0, 1fr) auto' },
    gap: 1.5,
    alignItems: 'end',
    mt: 0.5,
  }),
);

export const Slips = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fit, minmax(190px, 1fr))',
    gap: 3,
    mt: 1.5,
  }),
);

export const Slip = styled('article')(laid({ minWidth: 0 }));

export const SlipFacts = styled('dl')(({ theme }) => ({
  margin: 0,
  '& > div': {
    borderBottom: `1px solid ${theme.vars.palette.divider}`,
    padding: theme.spacing(0.5, 0),
  },
  '& dt': { fontSize: sizes.small, color: theme.vars.palette.text.secondary },
  '& dd': { margin: 0, overflowWrap: 'anywhere' },
}));

export const WhenRow = styled('li')(
  laid({ display: 'grid', gridTemplateColumns: '56px minmax(0, 1fr)', columnGap: 1, py: 0.25 }),
);
