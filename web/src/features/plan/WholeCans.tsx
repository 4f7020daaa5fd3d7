import { memo, useId } from 'react';
import type { PlanPreview } from '../../api/client';
import { show, type Units } from '../../quantities';
import { packsInWords } from '../../ui/Purchases';
import type { PlanForm } from './form';
import { CoverInput } from '../../ui/layout';
import { Text } from '../../ui/text';
import { CanLabel } from './plan.styles';

type Size = PlanPreview['sizes'][number];
const WORDS: Record<Size['rounding'], string> = {
  EXACT: 'as needed',
  UP: 'whole cans, up',
  DOWN: 'whole cans, down',
};

interface Props {
  options: Size[];
  chosen: PlanForm['rounding'];
  change: (to: Partial<PlanForm>) => void;
  units: Units;
  currency: string;
}

/** As needed and in whole cans, side by side: whom it feeds, what is left over, what all packs cost. */
export const WholeCans = memo(function WholeCans(props: Props) {
  const { options, chosen, change, units, currency } = props;
  const id = useId();
  const main = options[0]?.ingredientName;
  if (!main) return null;
  return (
    <div role="radiogroup" aria-labelledby={id}>
      <Text id={id} variant="caption" tone="muted" sx={{ display: 'block' }}>
        {main} by the pack
      </Text>
      {options.map((s) => (
        <CanLabel key={s.rounding} on={s.rounding === chosen}>
          <CoverInput
            type="radio"
            name={id}
            checked={s.rounding === chosen}
            onChange={() => change({ rounding: s.rounding })}
          />
          <Text component="span" size="note" strong>
            {WORDS[s.rounding]}
          </Text>
          <Text component="span" size="note" figures end>
            feeds {Math.floor(s.portions * 10 + 1e-6) / 10}
          </Text>
          <Text component="span" tone="muted" size="small" sx={{ gridColumn: '1 / -1' }}>
            {comesTo(s, units, currency)}
          </Text>
        </CanLabel>
      ))}
    </div>
  );
});

/** What is bought, left over and paid. */
function comesTo(s: Size, units: Units, currency: string): string {
  const left =
    s.leftMassKilograms > 0.005 ? `${show.text(show.mass(s.leftMassKilograms, units))} left` : '';
  const cost = s.costBought === undefined ? '' : show.text(show.money(s.costBought, currency));
  return [packsInWords(s.packs, units) || 'less than one', left, cost].filter(Boolean).join(' · ');
}
