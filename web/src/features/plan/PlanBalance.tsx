import { Box, Button, Typography } from '@mui/material';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { balanceOf, useBalance } from '../../api/balance';
import type { PlanRequest } from '../../api/client';
import { sizes } from '../../theme/tokens';
import { Beads } from '../../ui/Beads';

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
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
        <Typography variant="h2">In balance?</Typography>
        <Button size="small" component={Link} to="/balance?pot=plan" state={{ plan: request }}>
          Balance it
        </Button>
      </Box>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        Of the sauce, as it goes in and as it is eaten; savoury as grams of glutamate in 100 g.
      </Typography>
      <Beads beads={balance.tastes} compact />
    </Box>
  );
}
