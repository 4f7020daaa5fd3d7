import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { QuantityField, parseHour } from '../../quantities';

interface Props {
  disabled: boolean;
  litAt: string;
  onLitAt: (text: string) => void;
  onStart: (litLocalTime?: string) => void;
  clock: string;
}

/** Light the burner, now or as it was done a while ago. */
export function StartNote({ disabled, litAt, onLitAt, onStart, clock }: Props) {
  const [earlier, setEarlier] = useState(false);
  const hour = parseHour(litAt);
  const fault = litAt && hour.outcome === 'refuse' ? hour.message : undefined;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.25 }}>
      {earlier && (
        <QuantityField
          label="The burner was lit at"
          text={litAt}
          onText={onLitAt}
          understood={`before ${clock}`}
          fault={fault}
          numeric={false}
          autoFocus
        />
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          disabled={disabled || (earlier && hour.outcome !== 'understood')}
          onClick={() =>
            onStart(earlier && hour.outcome === 'understood' ? hour.localTime : undefined)
          }
        >
          {earlier ? 'Start as lit' : 'Light the burner'}
        </Button>
        <Button variant="outlined" onClick={() => setEarlier(!earlier)}>
          {earlier ? 'Lit just now' : 'Lit earlier'}
        </Button>
      </Box>
    </Box>
  );
}
