import { ButtonBase } from '@mui/material';
import { styled } from '@mui/material/styles';
import type { Influence, Working } from '../api/client';
import type { Shown } from '../quantities';
import { faces, sizes } from '../theme/tokens';
import { Span, type Tone } from './text';
import { useWorking } from './working';
import { own } from './own';

type Size = 'huge' | 'large' | 'plain';
const FONT: Record<Size, string> = {
  huge: sizes.figureHuge,
  large: sizes.figureLarge,
  plain: sizes.figure,
};
const forwarded = own('measure', 'opens');

const Label = styled(
  Span,
  forwarded,
)<{ opens: boolean }>(({ opens }) => ({
  display: 'block',
  lineHeight: 1.4,
  textDecoration: opens ? 'underline dotted' : 'none',
  textUnderlineOffset: 3,
}));
const Value = styled(
  Span,
  forwarded,
)<{ measure: Size }>(({ measure }) => ({
  fontSize: FONT[measure],
  lineHeight: measure === 'plain' ? 1.25 : 1,
  letterSpacing: '-0.02em',
}));
const Unit = styled(
  Span,
  forwarded,
)<{ measure: Size }>(({ theme, measure }) => ({
  fontFamily: faces.text,
  fontSize: measure === 'plain' ? '0.62em' : '0.45em',
  letterSpacing: 0,
  marginLeft: theme.spacing(0.5),
}));

interface Props {
  label: string;
  shown: Shown;
  size?: Size;
  tone?: Tone;
  working?: Working | undefined;
  influences?: (() => Promise<Influence[]>) | undefined;
}

/** A figure with its unit set smaller. With a working it is a button that opens it. */
export function Figure({ label, shown, size = 'plain', tone, working, influences }: Props) {
  const open = useWorking();
  const body = (
    <span style={{ textAlign: 'left' }}>
      <Label opens={Boolean(working)} size="small" strong tone="muted">
        {label}
      </Label>
      <Value measure={size} figures whole tone={tone ?? 'ink'}>
        {shown.value}
        {shown.unit && (
          <Unit measure={size} plain tone={tone ?? 'muted'}>
            {shown.unit}
          </Unit>
        )}
      </Value>
    </span>
  );
  if (!working) return <div>{body}</div>;
  return (
    <ButtonBase
      onClick={() => open(working, label, influences)}
      aria-label={`${label} ${shown.value} ${shown.unit}. Show working`}
      sx={{ justifyContent: 'flex-start', borderRadius: 1 }}
    >
      {body}
    </ButtonBase>
  );
}
