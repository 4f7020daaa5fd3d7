import { Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { Link } from 'react-router';
import { sizes } from '../../theme/tokens';
import { laid } from '../../ui/layout';
import { own } from '../../ui/own';

/** A phone on its side: the hour stays in sight above the acts. */
const LOW = '@media (max-height: 480px)';

export const StoveGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(270px, 41%) minmax(0, 1fr)' },
    gap: { xs: 2.5, md: 4 },
    flex: 1,
  }),
);

/** Always in reach: one row at any size. */
export const ActBar = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(4, minmax(0, 1fr))',
    gap: 1,
    mt: 'auto',
    position: 'sticky',
    bottom: { xs: sizes.placesBar, md: 0 },
    bgcolor: 'background.paper',
    pt: 1,
    pb: { xs: 1, md: 1.5 },
    zIndex: 2,
  }),
);

export const ActCell = styled(Button)(
  laid({
    minHeight: sizes.target,
    flexDirection: 'column',
    alignItems: { xs: 'center', sm: 'flex-start' },
    textAlign: { xs: 'center', sm: 'left' },
    lineHeight: 1.25,
    px: { xs: 0.5, sm: 1.5 },
  }),
);

export const ActSub = styled('span')(
  laid({
    display: { xs: 'none', sm: 'block' },
    [LOW]: { display: 'none' },
    fontSize: sizes.small,
    fontWeight: 500,
  }),
);

export const BesideHour = styled('div')(
  laid({
    ml: { sm: 'auto' },
    display: 'flex',
    flexDirection: { xs: 'row', sm: 'column' },
    flexWrap: 'wrap',
    gap: 1,
    alignItems: { xs: 'center', sm: 'flex-end' },
  }),
);

export const ReadingRow = styled('li')(
  laid({ display: 'flex', gap: 2, alignItems: 'center', minHeight: 44 }),
);

export const Photo = styled('img')(
  laid({
    maxWidth: '100%',
    maxHeight: sizes.kitchenPot,
    objectFit: 'contain',
    alignSelf: 'flex-start',
  }),
);

/** Pots wrap: with eight of them none is hidden. */
export const PotsNav = styled('nav')(
  laid({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'stretch', minWidth: 0 }),
);

export const FreePot = styled('div')(
  laid({
    border: 1.5,
    borderStyle: 'dashed',
    borderColor: 'divider',
    borderRadius: 1,
    px: 1.5,
    py: 1,
    color: 'text.secondary',
    display: { xs: 'none', sm: 'block' },
  }),
);

export const PotLink = styled(
  Link,
  own('current', 'due'),
)<{ current: boolean; due: boolean }>(({ theme, current, due }) => {
  const p = theme.vars.palette;
  return {
    display: 'flex',
    gap: theme.spacing(1.25),
    alignItems: 'center',
    minHeight: sizes.target,
    maxWidth: '100%',
    padding: theme.spacing(0.5, 1.25),
    borderRadius: theme.shape.borderRadius,
    border: `2px solid ${current ? p.text.primary : due ? p.error.main : p.divider}`,
    color: p.text.primary,
    textDecoration: 'none',
    '& > span': { minWidth: 0 },
  };
});

export const SmallUrn = styled('span')(
  laid({ width: sizes.pot * 0.75, height: sizes.pot * 0.75, flexShrink: 0 }),
);

/** Beside the words where there is room, below them on a phone. */
export const besideStep = {
  minHeight: sizes.target,
  gridColumn: { xs: 2, sm: 'auto' },
  justifySelf: { xs: 'start', sm: 'end' },
};

export const StepItem = styled(
  'li',
  own('now'),
)<{ now: boolean }>(({ theme, now }) => ({
  display: 'grid',
  gridTemplateColumns: '64px minmax(0, 1fr)',
  columnGap: theme.spacing(2),
  rowGap: theme.spacing(1),
  alignItems: 'center',
  padding: theme.spacing(0.75, 0),
  borderBottom: `1px solid ${theme.vars.palette.divider}`,
  // What is due now stands out, also beyond the column it stands in.
  ...(now && {
    backgroundColor: theme.vars.palette.kitchen.tomatoSoft,
    borderRadius: theme.shape.borderRadius,
    paddingInline: theme.spacing(1.5),
    marginInline: theme.spacing(-1.5),
  }),
  [theme.breakpoints.up('sm')]: { gridTemplateColumns: '76px minmax(0, 1fr) auto' },
}));
