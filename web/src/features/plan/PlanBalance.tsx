import { Box, Button } from '@mui/material';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { balanceOf, useBalance } from '../../api/balance';
import type { PlanRequest } from '../../api/client';
import { Beads } from '../../ui/Beads';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

/** Read after the plan: it waits for the hands to rest. */
const REST_MS = 300;

/** The five beads of what is planned, before the burner is lit. */
export function PlanBalance({ request }: { request: PlanRequest }) {
  const { balance } = useBalance(
    useMemo(() => balanceOf({ plan: request }), [request]),
    REST_MS,
  );
  if (!balance) return null;
  return (
    <Box component="section" aria-label="Its balance" sx={{ mt: 1.5 }}>
      <Row gap={1.5} align="baseline">
        <Text variant="h2">In balance?</Text>
        <Button size="small" component={Link} to="/balance?pot=plan" state={{ plan: request }}>
          Balance it
        </Button>
      </Row>
      <Text tone="muted" size="small">
        Of the sauce, as it goes in and as it is eaten; savoury as grams of glutamate in 100 g.
      </Text>
      <Beads beads={balance.tastes} compact />
    </Box>
  );
}
