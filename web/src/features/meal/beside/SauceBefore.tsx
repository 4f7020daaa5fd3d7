import { Button } from '@mui/material';
import type { MealView } from '../../../api/client';
import { show, type Units } from '../../../quantities';
import { Row } from '../../../ui/layout';
import { Note } from '../../../ui/Note';

interface Props {
  before: MealView['dishes'][number]['sauceBefore'];
  units: Units;
  onPlan: (solidsFraction: number) => void;
}

/** How tight the sauce has to be made, since what goes with it gives juice, or drinks of it. */
export function SauceBefore({ before, units, onPlan }: Props) {
  if (!before) return null;
  const { solidsFraction, nowFraction, waterKilograms } = before;
  const water = show.text(show.mass(Math.abs(waterKilograms), units));
  const tighter = solidsFraction > nowFraction;
  return (
    <Note>
      <Row gap={2} wrap align="center" between>
        <span>
          {waterKilograms > 0
            ? `About ${water} of water comes to the sauce: `
            : `The trays want ${water} more of water: `}
          make it <b>{tighter ? 'tighter' : 'thinner'}</b>,{' '}
          {show.text(show.percent(solidsFraction))} in place of{' '}
          {show.text(show.percent(nowFraction))} solids.
        </span>
        <Button variant="outlined" onClick={() => onPlan(solidsFraction)}>
          Make it so
        </Button>
      </Row>
    </Note>
  );
}
