import { Box, InputBase, Typography } from '@mui/material';
import { memo, useId, type ClipboardEvent, type KeyboardEvent, type ReactNode } from 'react';
import { sizes } from '../theme/tokens';

interface TextProps {
  label: string;
  text: string;
  onText: (text: string) => void;
  fault?: string | undefined;
  note?: string;
  hidden?: boolean;
  onKeyDown?: (e: KeyboardEvent) => void;
  onPaste?: (e: ClipboardEvent) => void;
  placeholder?: string;
  mark?: string;
}

/** A quiet line of text with its label; in rows the label is for screen readers only. */
export const TextLine = memo(function TextLine({
  label,
  text,
  onText,
  fault,
  note,
  hidden = false,
  onKeyDown,
  onPaste,
  placeholder = '',
  mark,
}: TextProps) {
  const id = useId();
  return (
    <Box sx={{ minWidth: 0 }}>
      <Label id={id} hidden={hidden}>
        {label}
      </Label>
      <InputBase
        id={id}
        value={text}
        placeholder={placeholder}
        onChange={(e) => onText(e.target.value)}
        onKeyDown={onKeyDown}
        onPaste={onPaste}
        fullWidth
        inputProps={{
          'aria-invalid': Boolean(fault),
          'aria-describedby': `${id}-note`,
          autoComplete: 'off',
          ...(mark ? { 'data-mark': mark } : {}),
        }}
        sx={{
          borderBottomWidth: fault ? 3 : 1,
          borderBottomStyle: 'solid',
          borderBottomColor: fault ? 'error.main' : 'divider',
          '&.Mui-focused': { borderBottomColor: 'text.primary' },
          '& input': { py: 0.4, minHeight: { xs: 32, md: 22 } },
        }}
      />
      {(fault ?? note) && (
        <Typography
          id={`${id}-note`}
          role={fault ? 'alert' : undefined}
          sx={{ fontSize: sizes.small, color: fault ? 'error.main' : 'text.secondary' }}
        >
          {fault ?? note}
        </Typography>
      )}
    </Box>
  );
});

interface PickProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onPick: (value: T) => void;
  hidden?: boolean;
  fault?: string | undefined;
}

/** One of many, as the browser's own list: quick with the keyboard. */
function Picked<T extends string>({
  label,
  value,
  options,
  onPick,
  hidden = false,
  fault,
}: PickProps<T>) {
  const id = useId();
  return (
    <Box sx={{ minWidth: 0 }}>
      <Label id={id} hidden={hidden}>
        {label}
      </Label>
      <Box
        component="select"
        id={id}
        value={value}
        aria-invalid={Boolean(fault)}
        aria-describedby={fault ? `${id}-note` : undefined}
        onChange={(e) => {
          const found = options.find(([v]) => v === e.target.value);
          if (found) onPick(found[0]);
        }}
        sx={{
          font: 'inherit',
          color: 'text.primary',
          bgcolor: 'background.paper',
          border: 0,
          borderBottom: 1,
          borderColor: 'divider',
          borderRadius: 0,
          width: '100%',
          minHeight: { xs: 40, md: 30 },
          px: 0,
        }}
      >
        {options.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </Box>
      {fault && (
        <Typography
          id={`${id}-note`}
          role="alert"
          sx={{ fontSize: sizes.small, color: 'error.main' }}
        >
          {fault}
        </Typography>
      )}
    </Box>
  );
}

/** The memo keeps long lists still while something else is typed. */
export const Pick = memo(Picked) as typeof Picked;

function Label({ id, hidden, children }: { id: string; hidden: boolean; children: ReactNode }) {
  return (
    <Typography
      component="label"
      htmlFor={id}
      variant="caption"
      sx={
        hidden
          ? {
              position: 'absolute',
              width: '1px',
              height: '1px',
              overflow: 'hidden',
              clipPath: 'inset(50%)',
            }
          : { color: 'text.secondary', display: 'block' }
      }
    >
      {children}
    </Typography>
  );
}
