import { Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { Link } from 'react-router';
import { BareList, laid } from '../../ui/layout';
import { Text } from '../../ui/text';

export const PartRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) auto',
    alignItems: 'baseline',
    py: 0.55,
    borderBottom: 1,
    borderColor: 'divider',
    columnGap: 1,
  }),
);

export const EditorGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
    gap: 3.5,
  }),
);

export const Margin = styled('div')(
  laid({
    position: { lg: 'sticky' },
    top: 12,
    alignSelf: 'start',
    display: 'flex',
    flexDirection: 'column',
    gap: 1.5,
  }),
);

export const FormulaGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 286px' },
    gap: 3.5,
  }),
);

export const Shelf = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(255px, 1fr))',
    columnGap: 3,
  }),
);

export const HeadGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1.2fr) minmax(0, 1.6fr)' },
    columnGap: 2,
    rowGap: 1,
  }),
);

export const MoveRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: '84px minmax(0, 1fr) 30px',
      md: '84px minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 0.7fr) 30px',
    },
    columnGap: 1,
    alignItems: 'baseline',
  }),
);

export const RemoveButton = styled(Button)(laid({ minWidth: 30, px: 0.5, mt: -0.25 }));

export const WhenButton = styled(Button)(laid({ minWidth: 60, px: 0.5, mt: -0.25 }));

export const OpenList = styled(BareList)(
  laid({ p: 1.25, my: 0.5, bgcolor: 'kitchen.tomatoSoft', borderRadius: 1 }),
);

export const OpenRow = styled('li')(
  laid({ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1 }),
);

export const RibbonRow = styled('li')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: '52px 64px minmax(0, 1fr)',
      md: '92px 124px minmax(0, 1fr) minmax(120px, 150px)',
    },
    columnGap: { xs: 1.25, md: 2 },
  }),
);

export const RibbonHours = styled('div')(
  laid({ borderTop: 1, borderColor: 'divider', py: 1, textAlign: 'right' }),
);

export const RibbonCell = styled('div')(
  laid({ borderTop: 1, borderColor: 'divider', py: 1, minWidth: 0 }),
);

export const RibbonLooks = styled('div')(
  laid({
    borderTop: { md: 1 },
    borderColor: { md: 'divider' },
    py: { md: 1 },
    pb: 1,
    gridColumn: { xs: '3', md: 'auto' },
  }),
);

export const RibbonFigure = styled(Text)(
  laid({ position: 'absolute', left: 0, right: 0, bottom: 8, textAlign: 'center' }),
);

export const RibbonFullest = styled(Text)(
  laid({
    position: 'absolute',
    left: { sm: '-10%' },
    right: { sm: '-10%' },
    top: 10,
    textAlign: 'center',
    whiteSpace: { sm: 'nowrap' },
  }),
);

/** A line across the band where something goes in late. */
export const LateMark = styled('div')(
  laid({
    position: 'absolute',
    left: '20%',
    right: '20%',
    borderTop: 2,
    borderTopStyle: 'dotted',
    borderColor: 'text.primary',
    textAlign: 'center',
    // Its words stand above the line, so that they stay clear of the figure below.
    '& > *': { transform: 'translateY(-100%)' },
  }),
);

export const OnSauce = styled('span')(
  laid({ bgcolor: 'background.paper', borderRadius: 1, px: 0.6, opacity: 0.92 }),
);

export const Card = styled(Link)(
  laid({
    display: 'grid',
    gridTemplateColumns: '34px minmax(0, 1fr)',
    gap: 1.25,
    py: 1.1,
    borderTop: 1,
    borderColor: 'divider',
    textDecoration: 'none',
    color: 'text.primary',
    '&:hover h3': { textDecoration: 'underline', textUnderlineOffset: 3 },
  }),
);

export const StageBlock = styled('fieldset')(
  laid({ border: 0, borderTop: 2, borderColor: 'text.primary', p: 0, pt: 1, m: 0, minWidth: 0 }),
);

export const BandBox = styled('div')(laid({ position: 'relative', minHeight: 76 }));

/** As the ribbon is read: hours, what goes in, how it looks. */
export const StageColumns = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr)',
      sm: '104px minmax(0, 1fr)',
      xl: '112px minmax(0, 1fr) 190px',
    },
    columnGap: 2.5,
    rowGap: 1,
    '& > :last-child': { gridColumn: { sm: 2, xl: 'auto' } },
  }),
);

export const StageBody = styled('div')(laid({ minWidth: 0 }));

export const LineItem = styled('li')(laid({ pb: 0.25 }));

export const LineRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: {
      xs: 'minmax(0, 1fr) minmax(0, 1fr) auto',
      md: 'minmax(104px, 0.6fr) minmax(140px, 1.1fr) minmax(110px, 1fr) 72px auto',
    },
    columnGap: 1.5,
    alignItems: 'start',
  }),
);

export const LaterRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fit, minmax(110px, 180px))',
    columnGap: 1.5,
    pl: 2,
  }),
);

export const QuestionBlock = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '160px minmax(0, 1fr)' },
    columnGap: 2,
    borderBottom: 1,
    borderColor: 'divider',
    py: 0.75,
  }),
);

export const WayRow = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1.6fr) auto',
    columnGap: 1.5,
  }),
);
