import { ButtonBase, Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { sizes } from '../../theme/tokens';
import { BareList, RuledRow, laid } from '../../ui/layout';
import { own } from '../../ui/own';
import { TARGET } from '../../theme/pointer';

export const FormAndForecast = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
    gap: 4,
    alignItems: 'start',
  }),
);

export const WayRow = styled('li')(
  laid({
    borderTop: 1,
    borderColor: 'divider',
    py: 1,
    display: 'flex',
    gap: 2,
    alignItems: 'center',
  }),
);

export const IdeaButton = styled(ButtonBase)(
  laid({
    font: 'inherit',
    fontWeight: 700,
    textAlign: 'left',
    overflowWrap: 'anywhere',
    minHeight: 32,
    ...TARGET,
    '&:hover': { textDecoration: 'underline' },
  }),
);

export const KeepGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
    gap: 3.5,
    alignItems: 'start',
  }),
);

export const RailList = styled('ul')(
  laid({ p: 0, m: 0, borderTop: 1, borderColor: 'divider', minWidth: 0 }),
);

export const EntryList = styled(BareList)(
  laid({
    ml: { md: 'auto' },
    display: 'flex',
    flexWrap: 'wrap',
    columnGap: 2,
    justifyContent: { md: 'flex-end' },
    flex: { xs: '1 1 100%', md: '1 1 0' },
  }),
);

export const StrikeButton = styled(Button)(
  laid({ minWidth: 0, minHeight: 24, ...TARGET, p: 0, ml: 0.75, fontSize: 'inherit' }),
);

export const RailRow = styled('article')(
  laid({
    borderBottom: 1,
    borderColor: 'divider',
    pt: 1,
    pb: 1.25,
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '178px minmax(0, 1fr) 186px' },
    columnGap: 2.5,
    alignItems: 'center',
  }),
);

export const PanAndCount = styled('div')(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 92px', gap: 2 }),
);

export const BarGround = styled('div')(
  laid({ height: sizes.timeBar, borderRadius: 1, bgcolor: 'kitchen.well', overflow: 'hidden' }),
);

export const LotLine = styled(RuledRow)(
  laid({ display: 'flex', gap: 1.25, alignItems: 'center', py: 0.9 }),
);

export const WhatAndMass = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 150px' },
    gap: 2,
  }),
);

export const KeptItem = styled('li')({ listStyle: 'none' });

/** One entry of a record: a long one may wrap, a struck one stays readable. */
export const EntryItem = styled(
  'li',
  own('struckOut', 'long'),
)<{ struckOut: boolean; long: boolean }>(({ theme, struckOut, long }) => ({
  fontSize: sizes.small,
  color: theme.vars.palette.text.secondary,
  textDecoration: struckOut ? 'line-through' : 'none',
  [theme.breakpoints.up('md')]: { whiteSpace: long ? 'normal' : 'nowrap' },
}));

/** How much of an allowed time is gone. */
export const Gone = styled(
  'div',
  own('over'),
)<{ over: boolean }>(({ theme, over }) => ({
  height: '100%',
  backgroundColor: over ? theme.vars.palette.error.main : theme.vars.palette.warning.main,
}));
