import { Button } from '@mui/material';
import { useState } from 'react';
import { QuantityField, parseHour } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Column, Row } from '../../ui/layout';
import { useLastWords, whenFault } from '../../ui/When';

interface Props {
  disabled: boolean;
  onStart: (litLocalTime?: string) => Promise<unknown>;
  clock: string;
}

/** Light the burner, now or as it was done a while ago. */
export function StartNote({ disabled, onStart, clock }: Props) {
  const [earlier, setEarlier] = useState(false);
  const [litAt, setLitAt] = useState('');
  const hour = parseHour(litAt);
  const fault = whenFault(litAt);
  const last = useLastWords(litAt);
  const understood = hour.outcome === 'understood' && !fault ? hour.localTime : undefined;
  return (
    <Column gap={1.25}>
      {earlier && (
        <QuantityField
          label="The burner was lit at"
          text={litAt}
          onText={setLitAt}
          understood={litAt ? last : `before ${clock}`}
          fault={fault}
          numeric={false}
          autoFocus
        />
      )}
      <Row wrap>
        <ActButton
          size="large"
          variant="contained"
          disabled={disabled || (earlier && !understood)}
          onAct={() => onStart(earlier ? understood : undefined)}
        >
          {earlier ? 'Start as lit' : 'Light the burner'}
        </ActButton>
        <Button size="large" variant="outlined" onClick={() => setEarlier(!earlier)}>
          {earlier ? 'Lit just now' : 'Lit earlier'}
        </Button>
      </Row>
    </Column>
  );
}
