import { ButtonBase } from '@mui/material';
import { styled, type Theme } from '@mui/material/styles';
import { sizes } from '../theme/tokens';
import { own } from './own';

type Styles = Parameters<Theme['unstable_sx']>[0];

/** A screen's own layout, in the theme's steps: for the `*.styles.ts` beside it. */
export const laid =
  (styles: Styles) =>
  ({ theme }: { theme: Theme }) =>
    theme.unstable_sx(styles);

interface Spaced {
  /** Steps of the theme. */
  gap?: number;
}
interface Lined extends Spaced {
  align?: 'center' | 'baseline' | 'start' | 'end';
  wrap?: boolean;
  /** The first at one end, the last at the other. */
  between?: boolean;
}
const forwarded = own('gap', 'align', 'wrap', 'between');
const ALIGNED = { center: 'center', baseline: 'baseline', start: 'flex-start', end: 'flex-end' };

/** Beside each other. */
export const Row = styled(
  'div',
  forwarded,
)<Lined>(({ theme, gap = 1, align, wrap, between }) => ({
  display: 'flex',
  gap: theme.spacing(gap),
  ...(align && { alignItems: ALIGNED[align] }),
  ...(wrap && { flexWrap: 'wrap' }),
  ...(between && { justifyContent: 'space-between' }),
}));

/** Below each other, never wider than the column they stand in. */
export const Column = styled(
  'div',
  forwarded,
)<Spaced>(({ theme, gap = 1 }) => ({
  display: 'flex',
  flexDirection: 'column',
  gap: theme.spacing(gap),
  minWidth: 0,
}));

/** A list that needs no bullets. */
export const BareList = styled('ul')({ listStyle: 'none', padding: 0, margin: 0 });

/** A line of a list that is pressed as a whole. */
export const PressRow = styled(ButtonBase)(({ theme }) => ({
  width: '100%',
  minHeight: sizes.press,
  padding: theme.spacing(0.75, 0.5),
  textAlign: 'left',
  font: 'inherit',
  borderRadius: theme.shape.borderRadius,
  '&:hover': { backgroundColor: theme.vars.palette.kitchen.well },
}));

/** A line of a list, ruled off from the next. */
export const RuledRow = styled('li')(({ theme }) => ({
  borderBottom: `1px solid ${theme.vars.palette.divider}`,
  padding: theme.spacing(0.6, 0),
}));

type Ground = 'well' | 'paper' | 'good' | 'warn' | 'alarm';
function ground(theme: Theme, on: Ground): string {
  const { kitchen, background } = theme.vars.palette;
  const of: Record<Ground, string> = {
    well: kitchen.well,
    paper: background.default,
    good: kitchen.basilSoft,
    warn: kitchen.brassSoft,
    alarm: kitchen.tomatoSoft,
  };
  return of[on];
}

/** What stands apart from the sheet around it. */
export const Well = styled(
  'div',
  own('on'),
)<{ on?: Ground }>(({ theme, on = 'well' }) => ({
  backgroundColor: ground(theme, on),
  borderRadius: theme.shape.borderRadius,
  padding: theme.spacing(1, 1.5),
}));

/** Two equal columns where there is room for them. */
export const Halves = styled(
  'div',
  forwarded,
)<Spaced>(({ theme, gap = 1.5 }) => ({
  display: 'grid',
  gap: theme.spacing(gap),
  [theme.breakpoints.up('md')]: { gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)' },
}));

/** A radio button or a tick laid over the whole of its label, which is what is seen and pressed. */
export const CoverInput = styled('input')({
  position: 'absolute',
  inset: 0,
  width: '100%',
  height: '100%',
  margin: 0,
  opacity: 0,
  cursor: 'pointer',
});
