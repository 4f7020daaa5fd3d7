import { Box, Button, Dialog, DialogContent, Typography } from '@mui/material';
import { useId, useState } from 'react';
import { sizes } from '../theme/tokens';

/** How a stage looked once: in a photo, in words, or both. */
export interface Look {
  id: string;
  photo: string | undefined;
  words: string;
  when: string;
  stage: string;
}

interface Props {
  looks: Look[];
  label: string;
  large?: boolean;
}

/** Photos of 'done' in a row, each opening large with what was said of it; then what has words only. */
export function Looks({ looks, label, large = false }: Props) {
  const [open, setOpen] = useState<Look>();
  const captionId = useId();
  const side = large ? sizes.photo : sizes.thumb;
  const told = looks.filter((l) => !l.photo);
  const caption = (l: Look) => [l.stage, l.words, l.when].filter(Boolean).join(' · ');
  return (
    <Box role="group" aria-label={label}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {looks
          .filter((l) => l.photo)
          .map((l) => (
            <Box
              key={l.id}
              component="button"
              type="button"
              onClick={() => setOpen(l)}
              aria-label={`Look closer: ${caption(l)}`}
              sx={{
                p: 0,
                border: 1,
                borderColor: 'divider',
                borderRadius: 1,
                overflow: 'hidden',
                bgcolor: 'background.default',
                cursor: 'pointer',
                width: side,
                textAlign: 'left',
                font: 'inherit',
                color: 'text.primary',
              }}
            >
              <Box
                component="img"
                src={l.photo}
                alt=""
                loading="lazy"
                sx={{ width: '100%', height: side * 0.75, objectFit: 'cover', display: 'block' }}
              />
              {large && (
                <Typography sx={{ fontSize: sizes.note, p: 0.75, overflowWrap: 'anywhere' }}>
                  {caption(l)}
                </Typography>
              )}
            </Box>
          ))}
      </Box>
      {told.map((l) => (
        <Typography key={l.id} sx={{ fontSize: sizes.note, overflowWrap: 'anywhere' }}>
          {caption(l)}
        </Typography>
      ))}
      {open && (
        <Dialog open onClose={() => setOpen(undefined)} maxWidth="md" aria-labelledby={captionId}>
          <DialogContent sx={{ p: 1.5 }}>
            <Box
              component="img"
              src={open.photo}
              alt={caption(open)}
              sx={{ maxWidth: '100%', display: 'block' }}
            />
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 1 }}>
              <Typography id={captionId} sx={{ flex: 1 }}>
                {caption(open)}
              </Typography>
              <Button variant="outlined" onClick={() => setOpen(undefined)}>
                Close
              </Button>
            </Box>
          </DialogContent>
        </Dialog>
      )}
    </Box>
  );
}
