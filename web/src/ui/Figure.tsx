import { Box, ButtonBase, Typography } from '@mui/material';
import type { Influence, Working } from '../api/client';
import type { Shown } from '../quantities';
import { faces, sizes } from '../theme/tokens';
import { useWorking } from './working';

type Size = 'huge' | 'large' | 'plain';
const FONT: Record<Size, string> = {
  huge: sizes.figureHuge,
  large: sizes.figureLarge,
  plain: sizes.figure,
};

interface Props {
  label: string;
  shown: Shown;
  size?: Size;
  tone?: 'success.main' | 'error.main' | 'warning.main';
  working?: Working | undefined;
  influences?: (() => Promise<Influence[]>) | undefined;
}

/** A figure with its unit set smaller. With a working it is a button that opens it. */
export function Figure({ label, shown, size = 'plain', tone, working, influences }: Props) {
  const open = useWorking();
  const body = (
    <Box sx={{ textAlign: 'left' }}>
      <Typography
        variant="caption"
        component="span"
        sx={{
          color: 'text.secondary',
          display: 'block',
          textDecoration: working ? 'underline dotted' : 'none',
          textUnderlineOffset: 3,
        }}
      >
        {label}
      </Typography>
      <Box
        component="span"
        sx={{
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: FONT[size],
          lineHeight: size === 'plain' ? 1.25 : 1,
          letterSpacing: '-0.02em',
          color: tone ?? 'text.primary',
          whiteSpace: 'nowrap',
        }}
      >
        {shown.value}
        {shown.unit && (
          <Box
            component="span"
            sx={{
              fontFamily: faces.text,
              fontWeight: 500,
              fontSize: size === 'plain' ? '0.62em' : '0.45em',
              ml: 0.5,
              color: tone ?? 'text.secondary',
              letterSpacing: 0,
            }}
          >
            {shown.unit}
          </Box>
        )}
      </Box>
    </Box>
  );
  if (!working) return body;
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
