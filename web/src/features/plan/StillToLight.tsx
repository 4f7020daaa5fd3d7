import { Box, Button, Typography } from '@mui/material';
import { sizes } from '../../theme/tokens';
import { shareOf, type PlanForm, type PotShare } from './form';

interface Props { shares: PotShare[]; vesselId: string | undefined; change: (to: Partial<PlanForm>) => void }

/** The other pots of a batch, until each is lit: no half of it is forgotten. */
export function StillToLight({ shares, vesselId, change }: Props) {
  if (shares.length === 0) return null;
  return (
    <Box component="section" aria-label="One batch, several pots" sx={{ bgcolor: 'kitchen.well', borderRadius: 1, px: 1.5, py: 1 }}>
      <Typography sx={{ fontWeight: 600 }}>One batch over {shares.length} pots</Typography>
      {shares.map((s) => (
        <Box key={s.vesselId} sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 1, minHeight: sizes.target }}>
          <span>{s.covers} in the {s.name}</span>
          {s.lit ? <span>lit</span> : s.vesselId === vesselId ? <span>this plan</span> : <Button size="small" onClick={() => change(shareOf(shares, s))}>Plan this pot</Button>}
        </Box>
      ))}
      <Button size="small" onClick={() => change({ shares: [] })}>Only this pot</Button>
    </Box>
  );
}
