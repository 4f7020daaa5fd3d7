import { Box, Button } from '@mui/material';
import type { ShareView } from '../../api/client';
import type { ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { shareOf, type PlanForm } from './form';
import { Text } from '../../ui/text';
import { ShareRow } from './plan.styles';
import { kept } from './shares';

interface Props {
  shares: ShareView[];
  burners: number;
  onLightAll: () => Promise<unknown>;
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
      <Text variant="h2">Over {shares.length} pots</Text>
      {shares.map((s) => (
        <ShareRow key={s.vesselId}>
          <Box sx={{ minWidth: 0 }}>
            <Text strong>
              {Math.round(s.covers * 10) / 10} in the {s.vesselName}
            </Text>
            <Text tone="muted" size="note">
              {show.text(show.mass(s.startMassKilograms, units))},{' '}
              {show.text(show.volume(s.startVolumeCubicMeters, units))}
              {s.lightAt && s.thickAt
                ? ` · light ${show.hour(s.lightAt, zone)}, thick ${show.hour(s.thickAt, zone)}`
                : ' · never thick enough so'}
            </Text>
          </Box>
          <Button variant="outlined" onClick={() => change(shareOf(all, kept(s)))}>
            Plan this pot
          </Button>
        </ShareRow>
      ))}
      {burners >= shares.length ? (
        <ActButton size="large" variant="contained" onAct={onLightAll} sx={{ mt: 1 }}>
          Light all {shares.length}, each on a burner of its own
        </ActButton>
      ) : (
        <Text size="note" sx={{ mt: 1 }}>
          Of the burners {burners === 0 ? 'none is' : `${burners} ${burners === 1 ? 'is' : 'are'}`}{' '}
          free: they are lit one after another, each by its own plan.
        </Text>
      )}
      {fault && <Note tone="tomato">{fault.summary}</Note>}
      <Text tone="muted" size="small">
        The hours are on a burner like the chosen one; each pot is followed by itself.
      </Text>
    </Box>
  );
}
