import { ButtonBase } from '@mui/material';
import { styled } from '@mui/material/styles';
import { COARSE } from '../../theme/pointer';
import { sizes } from '../../theme/tokens';
import { RuledRow, laid } from '../../ui/layout';
import { own } from '../../ui/own';

export const AmountRow = styled(RuledRow)(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', columnGap: 2, py: 0.9 }),
);

export const FieldPair = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
    columnGap: 2,
    rowGap: 0.75,
    '& > :only-child': { gridColumn: '1 / -1' },
  }),
);

export const WaysGrid = styled('div')(
  laid({ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(118px, 1fr))', gap: 0.75 }),
);

export const WayButton = styled(ButtonBase)(
  laid({
    font: 'inherit',
    color: 'text.primary',
    textDecoration: 'underline dotted',
    textUnderlineOffset: 3,
    px: 0.5,
  }),
);

export const WayCard = styled('div')(
  laid({
    bgcolor: 'kitchen.well',
    borderRadius: 1,
    px: 1.25,
    py: 0.75,
    width: '100%',
    height: '100%',
    textAlign: 'left',
  }),
);

export const FiguresBar = styled('div')(
  laid({
    display: 'flex',
    flexWrap: 'wrap',
    borderTop: 1,
    borderColor: 'divider',
    gap: { xs: 2, md: 3.5 },
    py: 1.25,
    mt: 'auto',
    position: { md: 'sticky' },
    bottom: 0,
    bgcolor: 'background.paper',
    mx: { md: -3.5 },
    px: { md: 3.5 },
    mb: { md: -3 },
  }),
);

export const PlanGrid = styled('div')(
  laid({
    display: 'grid',
    columnGap: { xs: 2.5, md: 3.5 },
    rowGap: { xs: 2.5, md: 1.5 },
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr)',
      md: 'minmax(220px, 250px) minmax(0, 1fr)',
      lg: '250px minmax(0, 1fr) minmax(250px, 290px)',
    },
    gridTemplateAreas: {
      xs: '"hours" "light" "need" "picture" "amounts"',
      md: '"need hours" "need light" "need picture" "amounts amounts"',
      lg: '"need hours amounts" "need light amounts" "need picture amounts"',
    },
    gridTemplateRows: { md: 'auto auto 1fr' },
  }),
);

export const HoursArea = styled('div')(
  laid({
    gridArea: 'hours',
    display: 'flex',
    flexDirection: 'column',
    gap: 1.5,
    minWidth: 0,
    position: { xs: 'sticky', md: 'static' },
    top: 0,
    bgcolor: 'background.paper',
    zIndex: 2,
    py: { xs: 1, md: 0 },
  }),
);

export const PotLabel = styled('label')(
  laid({
    display: 'block',
    position: 'relative',
    width: sizes.pot,
    minHeight: sizes.press,
    textAlign: 'center',
    borderRadius: 1,
    '&:focus-within': { outline: 2, outlineColor: 'error.main' },
  }),
);

export const StockedRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) 72px 28px',
    gap: 1,
    alignItems: 'end',
  }),
);

export const WorkRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: '3.4rem minmax(0, 1fr) auto',
    columnGap: 1.5,
    alignItems: 'baseline',
    py: 0.35,
  }),
);

export const ShareRow = styled('div')(
  laid({
    display: 'flex',
    gap: 2,
    alignItems: 'center',
    justifyContent: 'space-between',
    borderBottom: 1,
    borderColor: 'divider',
    py: 0.75,
  }),
);

/** How full one stage makes its pot. */
export const FullGround = styled('div')(laid({ height: 6, bgcolor: 'kitchen.well' }));
export const Full = styled(
  'div',
  own('wrong'),
)<{ wrong: boolean }>(({ theme, wrong }) => ({
  height: '100%',
  backgroundColor: wrong ? theme.vars.palette.error.main : theme.vars.palette.kitchen.sauce1,
}));

export const CanLabel = styled(
  'label',
  own('on'),
)<{ on: boolean }>(({ theme, on }) => {
  const p = theme.vars.palette;
  return {
    position: 'relative',
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) auto',
    columnGap: theme.spacing(1.5),
    padding: theme.spacing(0.4, 0.75),
    borderLeft: `4px solid ${on ? p.text.primary : p.divider}`,
    backgroundColor: on ? p.kitchen.well : 'transparent',
    '&:focus-within': { outline: `3px solid ${p.error.main}` },
    [COARSE]: { minHeight: sizes.press },
  };
});

/** A pot stands on the floor of its place, as wide as it is beside the others. */
export const PotStand = styled('span')(
  laid({ height: sizes.pot * 0.8, mx: 'auto', display: 'flex', alignItems: 'flex-end' }),
);

export const PhaseRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1fr) auto',
    columnGap: 1,
    alignItems: 'baseline',
  }),
);
