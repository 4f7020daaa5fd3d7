import { Button } from '@mui/material';
import { Link } from 'react-router';
import { useReady } from '../../api/lots';
import { show, type Units } from '../../quantities';
import type { PlanForm } from './form';
import { Well } from '../../ui/layout';
import { Text } from '../../ui/text';

interface Props {
  formulaId: string;
  wantedKilograms: number;
  covers: number;
  byCovers: boolean;
  change: (to: Partial<PlanForm>) => void;
  units: Units;
}

/** What is there already of this sauce: counted in, the batch is for the rest. */
export function InTubs({ formulaId, wantedKilograms, covers, byCovers, change, units }: Props) {
  const { data } = useReady(formulaId, wantedKilograms, covers);
  const first = data?.lots[0];
  if (!data || !first) return null;
  const day = show.day(`${first.madeOn}T12:00:00Z`, 'UTC');
  const rest = data.restCovers;
  const enough = rest === 0;
  return (
    <Well aria-label="In tubs already" as="section">
      <Text>
        <b>You have {show.text(show.volume(data.cubicMeters, units))} of it</b>, the oldest from{' '}
        {day}
        {data.frozenKilograms > 0
          ? `, ${show.text(show.mass(data.frozenKilograms, units))} of it frozen`
          : ''}
        .{' '}
        {enough
          ? 'It is enough.'
          : byCovers
            ? `With it the batch is for ${rest} of ${covers}.`
            : ''}
      </Text>
      {enough ? (
        <Link to={`/keep/lots/${first.id}`}>Use it instead</Link>
      ) : (
        byCovers && (
          <Button onClick={() => change({ covers: String(rest) })} sx={{ px: 0 }}>
            Count it in
          </Button>
        )
      )}
    </Well>
  );
}
