import { ButtonBase, IconButton } from '@mui/material';
import { styled } from '@mui/material/styles';
import { BareList, RuledRow, laid } from '../../ui/layout';
import { own } from '../../ui/own';
import { TARGET } from '../../theme/pointer';

export const BalanceGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 330px' },
    gridTemplateAreas: { xs: '"beads" "helps" "rest"', lg: '"beads helps" "rest helps"' },
    gridTemplateRows: { lg: 'auto 1fr' },
    columnGap: 4,
    rowGap: 3,
  }),
);

export const Pair = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
    columnGap: 4,
    rowGap: 3,
  }),
);

export const CupGrid = styled(BareList)(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(168px, 1fr))',
    gap: 1.25,
  }),
);

export const RemoveCorner = styled(IconButton)(laid({ position: 'absolute', top: 4, right: 4 }));

export const DeepensHead = styled('div')(
  laid({
    display: { xs: 'none', sm: 'grid' },
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) auto',
      sm: 'minmax(120px, 1.2fr) minmax(0, 1fr) minmax(0, 1fr)',
    },
    columnGap: 1,
  }),
);

export const DeepensRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) auto',
      sm: 'minmax(120px, 1.2fr) minmax(0, 1fr) minmax(0, 1fr)',
    },
    columnGap: 1,
    borderTop: 1,
    borderColor: 'divider',
    py: 0.4,
  }),
);

export const FieldPair = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
    gap: 1.5,
  }),
);

export const RemedyRow = styled(RuledRow)(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', columnGap: 1, py: 0.9 }),
);

export const LedgerRow = styled(RuledRow)(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 84px 76px', py: 0.25 }),
);

export const PlateRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) 92px auto',
    gap: 1,
    alignItems: 'end',
  }),
);

export const CupItem = styled(
  'li',
  own('chosen'),
)<{ chosen: boolean }>(({ theme, chosen }) => ({
  position: 'relative',
  display: 'flex',
  flexDirection: 'column',
  gap: theme.spacing(0.5),
  minWidth: 0,
  padding: theme.spacing(1.5),
  borderRadius: theme.shape.borderRadius,
  border: `2px solid ${chosen ? theme.vars.palette.success.main : 'transparent'}`,
  backgroundColor: theme.vars.palette.background.default,
}));

/** Shows what a remedy would do on every string. */
export const LookButton = styled(
  ButtonBase,
  own('looked'),
)<{ looked: boolean }>(({ looked }) => ({
  font: 'inherit',
  fontWeight: 700,
  justifyContent: 'flex-start',
  textAlign: 'left',
  textDecoration: looked ? 'underline' : 'underline dotted',
  textUnderlineOffset: 3,
  minHeight: 24,
  ...TARGET,
}));
