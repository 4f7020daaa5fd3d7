import { Box, Button, Typography } from '@mui/material';
import type { ShareView } from '../../api/client';
import type { ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { shareOf, type PlanForm, type PotShare } from './form';

interface Props {
  shares: ShareView[];
  burners: number;
  onLightAll: () => void;
  fault: ProblemError | undefined;
  change: (to: Partial<PlanForm>) => void;
  units: Units;
  zone: string;
}

/** A batch too large for one pot over as few as hold it: lit together, so that no half of it is forgotten, or one by one. */
export function PotShares({ shares, burners, onLightAll, fault, change, units, zone }: Props) {
  if (shares.length < 2) return null;
  const all = shares.map(kept);
  return (
    <Box component="section" aria-label="Over several pots">
      <Typography variant="h2">Over {shares.length} pots</Typography>
      {shares.map((s) => (
        <Box
          key={s.vesselId}
          sx={{
            display: 'flex',
            gap: 2,
            alignItems: 'center',
            justifyContent: 'space-between',
            borderBottom: 1,
            borderColor: 'divider',
            py: 0.75,
          }}
        >
          <Box sx={{ minWidth: 0 }}>
            <Typography sx={{ fontWeight: 600 }}>
              {Math.round(s.covers * 10) / 10} in the {s.vesselName}
            </Typography>
            <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
              {show.text(show.mass(s.startMassKilograms, units))},{' '}
              {show.text(show.volume(s.startVolumeCubicMeters, units))}
              {s.lightAt && s.thickAt
                ? ` · light ${show.hour(s.lightAt, zone)}, thick ${show.hour(s.thickAt, zone)}`
                : ' · never thick enough so'}
            </Typography>
          </Box>
          <Button variant="outlined" onClick={() => change(shareOf(all, kept(s)))}>
            Plan this pot
          </Button>
        </Box>
      ))}
      {burners >= shares.length ? (
        <Button variant="contained" onClick={onLightAll} sx={{ mt: 1 }}>
          Light all {shares.length}, each on a burner of its own
        </Button>
      ) : (
        <Typography sx={{ mt: 1, fontSize: sizes.note }}>
          Of the burners {burners === 0 ? 'none is' : `${burners} ${burners === 1 ? 'is' : 'are'}`}{' '}
          free: they are lit one after another, each by its own plan.
        </Typography>
      )}
      {fault && <Note tone="tomato">{fault.summary}</Note>}
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        The hours are on a burner like the chosen one; each pot is followed by itself.
      </Typography>
    </Box>
  );
}

/** A share as the form keeps it in mind. */
export const kept = (s: ShareView): PotShare => ({
  vesselId: s.vesselId,
  covers: Math.round(s.covers),
  lit: false,
});
