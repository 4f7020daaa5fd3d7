import { Box, Typography } from '@mui/material';
import { memo, useId } from 'react';

interface Props<T extends string> {
  label: string;
  options: readonly { value: T; text: string }[];
  chosen: T;
  onChoose: (value: T) => void;
  fault?: string | undefined;
  note?: string | undefined;
}

/** One of a few, as words to press. Arrow keys move as in any radio group. */
function Chosen<T extends string>({ label, options, chosen, onChoose, fault, note }: Props<T>) {
  const id = useId();
  return (
    <Box role="radiogroup" aria-labelledby={id}>
      <Typography
        id={id}
        variant="caption"
        sx={{ color: 'text.secondary', display: 'block', mb: 0.25 }}
      >
        {label}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.6 }}>
        {options.map((o) => (
          <Box
            key={o.value}
            component="label"
            sx={{
              position: 'relative',
              display: 'inline-flex',
              alignItems: 'center',
              border: 1.5,
              borderColor: o.value === chosen ? 'text.primary' : 'divider',
              borderRadius: 1,
              px: 0.95,
              py: 0.1,
              fontWeight: 600,
              fontSize: '0.86rem',
              minHeight: { xs: 44, md: 28 },
              bgcolor: o.value === chosen ? 'text.primary' : 'transparent',
              color: o.value === chosen ? 'background.paper' : 'text.primary',
              '&:focus-within': { outline: 2, outlineColor: 'error.main', outlineOffset: 2 },
            }}
          >
            <Box
              component="input"
              type="radio"
              name={id}
              checked={o.value === chosen}
              onChange={() => onChoose(o.value)}
              sx={{
                position: 'absolute',
                opacity: 0,
                width: '100%',
                height: '100%',
                m: 0,
                cursor: 'pointer',
              }}
            />
            {o.text}
          </Box>
        ))}
      </Box>
      {note && !fault && (
        <Typography variant="caption" sx={{ display: 'block', fontWeight: 600 }}>
          {note}
        </Typography>
      )}
      {fault && (
        <Typography variant="caption" role="alert" sx={{ color: 'error.main' }}>
          {fault}
        </Typography>
      )}
    </Box>
  );
}

/** The memo keeps the words still while something else is typed. */
export const Choices = memo(Chosen) as typeof Chosen;
