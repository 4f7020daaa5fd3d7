import { ButtonBase } from '@mui/material';
import { styled } from '@mui/material/styles';
import { Link, NavLink } from 'react-router';
import { faces, sizes } from '../theme/tokens';
import { laid } from '../ui/layout';
import { COARSE } from '../theme/pointer';

export const Shell = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: `${sizes.rail}px minmax(0, 1fr)` },
    minHeight: '100dvh',
    '@media print': { display: 'block' },
  }),
);

/** Seen once it has the focus. */
export const SkipLink = styled('a')(({ theme }) => ({
  position: 'absolute',
  left: 8,
  top: -80,
  zIndex: 20,
  padding: theme.spacing(1.4, 2),
  backgroundColor: theme.vars.palette.text.primary,
  color: theme.vars.palette.background.paper,
  '&:focus': { top: 8 },
}));

export const Main = styled('main')(
  laid({
    display: 'flex',
    flexDirection: 'column',
    bgcolor: 'background.paper',
    borderLeft: { md: 1 },
    borderColor: { md: 'divider' },
    minWidth: 0,
  }),
);

export const RailBar = styled('header')(
  laid({
    display: { xs: 'none', md: 'flex' },
    flexDirection: 'column',
    position: 'sticky',
    top: 0,
    height: '100dvh',
    overflowY: 'auto',
    bgcolor: 'background.default',
    pl: 2.5,
    py: 2.5,
    '@media print': { display: 'none' },
  }),
);

export const Brand = styled(Link)(
  laid({
    display: 'flex',
    gap: 1,
    alignItems: 'center',
    minHeight: sizes.press,
    mb: 2.5,
    color: 'text.primary',
    textDecoration: 'none',
    fontFamily: faces.figures,
    fontWeight: 800,
    fontSize: '1.35rem',
    lineHeight: 1,
    letterSpacing: '-0.03em',
  }),
);

export const PlacesNav = styled('nav')(laid({ display: 'flex', flexDirection: 'column' }));

export const PlaceLink = styled(NavLink)(({ theme }) => ({
  display: 'flex',
  alignItems: 'center',
  minHeight: 38,
  color: theme.vars.palette.text.secondary,
  fontWeight: 500,
  textDecoration: 'none',
  borderRight: '3px solid transparent',
  '&.active': {
    color: theme.vars.palette.text.primary,
    fontWeight: 700,
    borderColor: theme.vars.palette.error.main,
  },
  [COARSE]: { minHeight: sizes.press },
}));

export const RailFoot = styled('div')(
  laid({
    mt: 'auto',
    pt: 2,
    pr: 1.5,
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'flex-start',
    gap: 1,
  }),
);

export const ColoursButton = styled(ButtonBase)(({ theme }) => ({
  font: 'inherit',
  fontSize: sizes.small,
  color: theme.vars.palette.text.secondary,
  textDecoration: 'underline',
  minHeight: 24,
  [COARSE]: { minHeight: sizes.press },
}));

export const PhoneNav = styled('nav')(
  laid({
    position: 'fixed',
    bottom: 0,
    left: 0,
    right: 0,
    zIndex: 10,
    height: sizes.placesBar,
    display: 'grid',
    gridTemplateColumns: 'repeat(5, minmax(0, 1fr))',
    bgcolor: 'background.default',
    borderTop: 1,
    borderColor: 'divider',
    '@media print': { display: 'none' },
  }),
);

const AT_THUMB = {
  display: 'flex',
  alignItems: 'center',
  justifyContent: 'center',
  minHeight: sizes.target,
  color: 'text.secondary',
  fontFamily: 'inherit',
  fontWeight: 500,
  fontSize: sizes.note,
  textDecoration: 'none',
  borderTop: 3,
  borderColor: 'transparent',
  '&.active': { color: 'text.primary', fontWeight: 700, borderColor: 'error.main' },
} as const;
export const ThumbLink = styled(NavLink)(laid(AT_THUMB));
export const MoreButton = styled(ButtonBase)(laid(AT_THUMB));

export const MoreLink = styled(NavLink)(
  laid({
    display: 'flex',
    alignItems: 'center',
    minHeight: sizes.target,
    color: 'text.primary',
    fontSize: sizes.lead,
    textDecoration: 'none',
    borderBottom: 1,
    borderColor: 'divider',
  }),
);
