import { Box, Button, Typography } from '@mui/material';
import type { KitchenView } from '../../api/client';
import { sizes } from '../../theme/tokens';
import { shareOf, type PlanForm, type PotShare } from './form';

interface Props {
  shares: PotShare[];
  vessels: KitchenView['vessels'];
  vesselId: string | undefined;
  change: (to: Partial<PlanForm>) => void;
}

/** The other pots of a batch, until each is lit: no half of it is forgotten. */
export function StillToLight({ shares, vessels, vesselId, change }: Props) {
  if (shares.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="One batch, several pots"
      sx={{ bgcolor: 'kitchen.well', borderRadius: 1, px: 1.5, py: 0.5 }}
    >
      <Box sx={row}>
        <Typography sx={{ fontWeight: 600 }}>One batch over {shares.length} pots</Typography>
        <Button size="small" onClick={() => change({ shares: [] })}>
          Only this pot
        </Button>
      </Box>
      {shares.map((s) => (
        <Box key={s.vesselId} sx={row}>
          <span>
            {s.covers} in the {vessels.find((v) => v.id === s.vesselId)?.name ?? 'pot that is gone'}
          </span>
          {s.lit ? (
            <Box component="span" sx={{ px: 1 }}>
              lit
            </Box>
          ) : s.vesselId === vesselId ? (
            <Box component="span" sx={{ px: 1, fontWeight: 600 }}>
              this plan
            </Box>
          ) : (
            <Button
              size="small"
              sx={{ flexShrink: 0, whiteSpace: 'nowrap' }}
              onClick={() => change(shareOf(shares, s))}
            >
              Plan this pot
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}

const row = {
  display: 'flex',
  justifyContent: 'space-between',
  alignItems: 'center',
  gap: 1,
  minHeight: sizes.target,
};
