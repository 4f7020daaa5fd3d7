import { Box, Button } from '@mui/material';
import { memo } from 'react';
import { Link } from 'react-router';
import { TextLine } from '../../ui/fields';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import type { Available, PlanForm } from './form';

interface Props {
  goesOn: NonNullable<PlanForm['goesOn']>;
  available: Available[];
  change: (to: Partial<PlanForm>) => void;
  portions: number | undefined;
  fault: string | undefined;
}

/** What is planned is the rest of tubs that were stopped, and not a batch from the start. */
export const GoesOn = memo(function GoesOn({ goesOn, available, change, ...of }: Props) {
  const [tub] = available;
  return (
    <Box role="group" aria-label="Goes on with">
      <Row wrap gap={1} align="baseline" between>
        <Text strong>
          Goes on with <Link to={`/keep/lots/${goesOn.lotId}`}>{goesOn.code}</Link>
        </Text>
        <Button
          size="small"
          onClick={() => change({ goesOn: undefined, sizedBy: 'COVERS', available: [] })}
        >
          Begin it anew
        </Button>
      </Row>
      {tub && (
        <TextLine
          label="How much of it"
          text={tub.text}
          onText={(text) => change({ available: [{ ...tub, text }] })}
          fault={of.fault}
        />
      )}
      {of.portions !== undefined && !of.fault && (
        <Text role="status" size="note">
          <b>It feeds {Math.floor(of.portions + 1e-6)}.</b>
        </Text>
      )}
    </Box>
  );
});
