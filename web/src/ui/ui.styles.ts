import { ButtonBase, InputBase } from '@mui/material';
import { styled } from '@mui/material/styles';
import { COARSE, TARGET } from '../theme/pointer';
import { faces, sizes } from '../theme/tokens';
import { RuledRow, laid } from './layout';
import { own } from './own';

export const PageBody = styled('section')(
  laid({
    px: { xs: 2, md: 3.5 },
    pt: 2.25,
    pb: { xs: 12, md: 3 },
    flex: 1,
    display: 'flex',
    flexDirection: 'column',
    gap: 2,
  }),
);

export const PageActs = styled('div')(
  laid({
    display: 'flex',
    flexDirection: 'column',
    gap: 1,
    flexShrink: 0,
    maxWidth: '100%',
    alignItems: { md: 'flex-end' },
  }),
);

export const PurchaseRow = styled(RuledRow)(
  laid({ display: 'grid', gridTemplateColumns: 'minmax(45%, 1fr) auto', columnGap: 2, py: 0.7 }),
);

export const TermRow = styled('div')(
  laid({
    display: 'flex',
    justifyContent: 'space-between',
    gap: 2,
    borderBottom: 1,
    borderColor: 'divider',
    py: 0.5,
  }),
);

/** What stands above the page until it is dealt with. */
export const Strip = styled('div')(
  laid({
    px: { xs: 2, md: 3.5 },
    pt: 2,
    display: 'flex',
    flexDirection: 'column',
    gap: 1,
    position: 'sticky',
    top: 0,
    zIndex: 5,
    maxHeight: '33dvh',
    overflowY: 'auto',
    '&:empty': { display: 'none' },
  }),
);

export const WorkingButton = styled(ButtonBase)(({ theme }) => ({
  color: theme.vars.palette.text.secondary,
  fontFamily: 'inherit',
  fontSize: sizes.small,
  fontWeight: 600,
  textDecoration: 'underline dotted',
  textUnderlineOffset: 3,
  minHeight: 24,
  whiteSpace: 'nowrap',
  ...TARGET,
}));

/** A quiet line to type on. */
export const LineInput = styled(
  InputBase,
  own('wrong'),
)<{ wrong: boolean }>(({ theme, wrong }) => {
  const p = theme.vars.palette;
  return {
    borderBottom: `${wrong ? 3 : 1}px solid ${wrong ? p.error.main : p.text.secondary}`,
    '&.Mui-focused': { boxShadow: `0 2px 0 ${p.text.primary}` },
    '& input': { padding: theme.spacing(0.4, 0), minHeight: 22 },
    [COARSE]: { '& input': { minHeight: 34 } },
  };
});

/** The line that a quantity is typed on, large enough to be read at arm's length. */
export const FieldLine = styled(
  'div',
  own('wrong'),
)<{ wrong: boolean }>(({ theme, wrong }) => {
  const p = theme.vars.palette;
  return {
    display: 'flex',
    alignItems: 'baseline',
    gap: theme.spacing(1),
    borderBottom: `${wrong ? 3 : 1.5}px solid ${wrong ? p.error.main : p.text.primary}`,
    '&:focus-within': { boxShadow: `0 2px 0 ${wrong ? p.error.main : p.text.primary}` },
  };
});

export const FigureInput = styled(InputBase)(({ theme }) => ({
  flex: 1,
  minWidth: 0,
  fontFamily: faces.figures,
  fontWeight: 600,
  fontSize: sizes.figure,
  '& input': { padding: theme.spacing(0.25, 0) },
  [COARSE]: { '& input': { minHeight: 36 } },
}));

export const PickSelect = styled('select')(({ theme }) => ({
  font: 'inherit',
  color: theme.vars.palette.text.primary,
  backgroundColor: theme.vars.palette.background.paper,
  border: 0,
  borderBottom: `1px solid ${theme.vars.palette.text.secondary}`,
  borderRadius: 0,
  width: '100%',
  minHeight: 30,
  padding: 0,
  [COARSE]: { minHeight: sizes.press },
}));

/** One of a few, as a word to press. */
export const ChoiceLabel = styled(
  'label',
  own('on'),
)<{ on: boolean }>(({ theme, on }) => {
  const p = theme.vars.palette;
  return {
    position: 'relative',
    display: 'inline-flex',
    alignItems: 'center',
    overflowWrap: 'anywhere',
    border: `1.5px solid ${on ? p.text.primary : p.text.secondary}`,
    borderRadius: theme.shape.borderRadius,
    padding: theme.spacing(0.1, 0.95),
    fontWeight: 600,
    fontSize: sizes.note,
    minHeight: 28,
    backgroundColor: on ? p.text.primary : 'transparent',
    color: on ? p.background.paper : p.text.primary,
    '&:focus-within': { outline: `3px solid ${p.error.main}`, outlineOffset: 2 },
    [COARSE]: { ...TARGET[COARSE], padding: theme.spacing(0.1, 1.25) },
  };
});

/** Three columns where there is room, as on the sheets of a batch. */
export const BonesGrid = styled('div')(
  laid({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '250px minmax(0, 1fr) 290px' },
    gap: 3.5,
  }),
);

/** Said to those who hear the page, not shown. */
const UNSEEN = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;
export const Unseen = styled('span')(UNSEEN);
export const UnseenLabel = styled('label')(UNSEEN);

export const PhotoButton = styled(
  'button',
  own('side'),
)<{ side: number }>(({ theme, side }) => ({
  padding: 0,
  border: `1px solid ${theme.vars.palette.divider}`,
  borderRadius: theme.shape.borderRadius,
  overflow: 'hidden',
  backgroundColor: theme.vars.palette.background.default,
  cursor: 'pointer',
  width: side,
  textAlign: 'left',
  font: 'inherit',
  color: theme.vars.palette.text.primary,
  '& img': { width: '100%', height: side * 0.75, objectFit: 'cover', display: 'block' },
}));
