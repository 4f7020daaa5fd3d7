import { Typography } from '@mui/material';
import type { OverridableComponent } from '@mui/material/OverridableComponent';
import { styled, type CSSObject, type Theme } from '@mui/material/styles';
import type { TypographyTypeMap } from '@mui/material/Typography';
import { faces, sizes } from '../theme/tokens';
import { own } from './own';

export type Size = 'small' | 'note' | 'lead' | 'step' | 'figure' | 'large';
/** Each working colour has one meaning: see the tokens. */
export type Tone = 'ink' | 'muted' | 'alarm' | 'good' | 'warn' | 'cold';

/** How words are set; what is left out is as around them. */
interface Setting {
  size?: Size | undefined;
  tone?: Tone | undefined;
  /** Names and heads. */
  bold?: boolean | undefined;
  /** What must not be read over. */
  strong?: boolean | undefined;
  /** The lighter part of something bold. */
  plain?: boolean | undefined;
  /** In the face of figures. */
  figures?: boolean | undefined;
  /** On the right of its column. */
  end?: boolean | undefined;
  /** Never broken. */
  whole?: boolean | undefined;
  /** Broken anywhere rather than running out of its column: names that cooks give. */
  long?: boolean | undefined;
}

const forwarded = own('size', 'tone', 'bold', 'strong', 'plain', 'figures', 'end', 'whole', 'long');

const SIZES: Record<Size, string> = {
  small: sizes.small,
  note: sizes.note,
  lead: sizes.lead,
  step: sizes.step,
  figure: sizes.figure,
  large: sizes.figureLarge,
};

function colour(theme: Theme, tone: Tone): string {
  const p = theme.vars.palette;
  const of: Record<Tone, string> = {
    ink: p.text.primary,
    muted: p.text.secondary,
    alarm: p.error.main,
    good: p.success.main,
    warn: p.warning.main,
    cold: p.info.main,
  };
  return of[tone];
}

function set(s: Setting & { theme: Theme }): CSSObject {
  const weight = s.bold ? 700 : s.strong ? 600 : s.plain ? 500 : s.figures ? 700 : undefined;
  return {
    ...(s.size && { fontSize: SIZES[s.size] }),
    ...(s.tone && { color: colour(s.theme, s.tone) }),
    ...(s.figures && { fontFamily: faces.figures, lineHeight: 1.2 }),
    ...(weight && { fontWeight: weight }),
    ...(s.end && { textAlign: 'right' }),
    ...(s.whole && { whiteSpace: 'nowrap' }),
    ...(s.long && { overflowWrap: 'anywhere', minWidth: 0 }),
  };
}

/** A line or a paragraph. */
export const Text = styled(Typography, forwarded)<Setting>(set) as OverridableComponent<
  TypographyTypeMap<Setting, 'p'>
>;

/** Words within a line. */
export const Span = styled('span', forwarded)<Setting>(set);
