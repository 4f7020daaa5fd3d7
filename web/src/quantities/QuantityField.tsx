import { Box, InputBase, Typography } from '@mui/material';
import { memo, useId } from 'react';
import { faces, sizes } from '../theme/tokens';

interface Props {
  label: string;
  /** Raw text exactly as typed; never rewritten. */
  text: string;
  onText: (text: string) => void;
  /** What was understood, or the unit that a bare number takes. */
  understood: string;
  /** What is wrong and the way out. */
  fault?: string | undefined;
  numeric?: boolean;
  autoFocus?: boolean;
}

/** A field that keeps what was typed apart from what was understood. */
export const QuantityField = memo(function QuantityField({
  label,
  text,
  onText,
  understood,
  fault,
  numeric = true,
  autoFocus = false,
}: Props) {
  const id = useId();
  return (
    <Box>
      <Typography
        component="label"
        htmlFor={id}
        variant="caption"
        sx={{ color: 'text.secondary', display: 'block' }}
      >
        {label}
      </Typography>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          gap: 1,
          borderBottomWidth: fault ? 3 : 1.5,
          borderBottomStyle: 'solid',
          borderBottomColor: fault ? 'error.main' : 'text.primary',
        }}
      >
        <InputBase
          id={id}
          value={text}
          autoFocus={autoFocus}
          onChange={(e) => onText(e.target.value)}
          inputProps={{
            'aria-invalid': Boolean(fault),
            'aria-describedby': `${id}-note`,
            autoComplete: 'off',
            inputMode: numeric ? 'decimal' : 'text',
            enterKeyHint: 'done',
          }}
          sx={{
            flex: 1,
            minWidth: 0,
            fontFamily: faces.figures,
            fontWeight: 600,
            fontSize: sizes.figure,
            '& input': { py: 0.25 },
          }}
        />
      </Box>
      <Typography
        id={`${id}-note`}
        variant="caption"
        role={fault ? 'alert' : undefined}
        aria-live="polite"
        sx={{
          color: fault ? 'error.main' : 'text.secondary',
          display: 'block',
          fontWeight: 500,
          lineHeight: 1.3,
          mt: 0.25,
        }}
      >
        {fault ?? understood}
      </Typography>
    </Box>
  );
});
