import { Button, Dialog, DialogContent } from '@mui/material';
import { useId, useState } from 'react';
import { sizes } from '../theme/tokens';
import { Row } from './layout';
import { Text } from './text';
import { PhotoButton } from './ui.styles';

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

const caption = (l: Look) => [l.stage, l.words, l.when].filter(Boolean).join(' · ');

/** Photos of 'done' in a row, each opening large with what was said of it; then what has words only. */
export function Looks({ looks, label, large = false }: Props) {
  const [open, setOpen] = useState<Look>();
  return (
    <div role="group" aria-label={label}>
      <Row wrap>
        {looks
          .filter((l) => l.photo)
          .map((l) => (
            <PhotoButton
              key={l.id}
              type="button"
              side={large ? sizes.photo : sizes.thumb}
              onClick={() => setOpen(l)}
              aria-label={`Look closer: ${caption(l)}`}
            >
              <img src={l.photo} alt="" loading="lazy" />
              {large && (
                <Text size="note" long sx={{ p: 0.75 }}>
                  {caption(l)}
                </Text>
              )}
            </PhotoButton>
          ))}
      </Row>
      {looks
        .filter((l) => !l.photo)
        .map((l) => (
          <Text key={l.id} size="note" long>
            {caption(l)}
          </Text>
        ))}
      {open && <Closer look={open} onClose={() => setOpen(undefined)} />}
    </div>
  );
}

function Closer({ look, onClose }: { look: Look; onClose: () => void }) {
  const id = useId();
  return (
    <Dialog open onClose={onClose} maxWidth="md" aria-labelledby={id}>
      <DialogContent sx={{ p: 1.5 }}>
        <img src={look.photo} alt={caption(look)} style={{ maxWidth: '100%', display: 'block' }} />
        <Row gap={2} align="center" sx={{ mt: 1 }}>
          <Text id={id} sx={{ flex: 1 }}>
            {caption(look)}
          </Text>
          <Button variant="outlined" onClick={onClose}>
            Close
          </Button>
        </Row>
      </DialogContent>
    </Dialog>
  );
}
