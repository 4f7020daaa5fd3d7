import { useMemo } from 'react';
import type { KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, parseHour, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import type { NeedPart } from './NeedFields';
import { Servings } from './Servings';
import { FieldPair } from './plan.styles';
import { targetOf } from './understand';
import { useLastTime } from './useLastTime';

const THICK = {
  plate: 'a tablespoon spreads on a plate',
  time: 'of simmer, however thick',
  solids: 'non-fat solids',
};

/** The middle of each of the kitchen's bands. */
function bandsOf({ settings: s }: KitchenView) {
  const middle = (from: number, to: number) => `${Math.round((from + to) * 500) / 10} %`;
  return [
    { value: middle(s.brothyBelowFraction, s.looseBelowFraction), text: 'loose' },
    { value: middle(s.looseBelowFraction, s.coatingBelowFraction), text: 'coating' },
    { value: middle(s.coatingBelowFraction, s.tightBelowFraction), text: 'tight' },
  ];
}

/** For whom, how much each, when, and how thick. */
export function Wanted({ form, faults, kitchen, write }: NeedPart) {
  const { units } = kitchen.settings;
  const serving = parseQuantity(form.serving, 'MASS', 'g', measuresOf(kitchen));
  const hour = parseHour(form.readyBy);
  return (
    <FieldPair>
      {form.sizedBy === 'COVERS' && (
        <QuantityField
          label="For whom"
          text={form.covers}
          onText={write.covers}
          understood="covers"
          fault={faults.covers}
        />
      )}
      <QuantityField
        label="Each gets"
        text={form.serving}
        onText={write.serving}
        fault={faults.serving}
        numeric={false}
        understood={
          serving.outcome === 'understood'
            ? `${show.text(show.mass(Math.max(0, serving.value), units === 'US' ? 'METRIC' : 'US'))} of sauce`
            : ''
        }
      />
      <QuantityField
        label="On the table at"
        text={form.readyBy}
        onText={write.readyBy}
        fault={faults.readyBy}
        numeric={false}
        understood={hour.outcome === 'understood' ? (hour.localDate ?? 'the next to come') : ''}
      />
      <QuantityField
        label="Thickness"
        text={form.target}
        onText={write.target}
        fault={faults.target}
        numeric={false}
        understood={THICK[targetOf(form.target).by]}
      />
    </FieldPair>
  );
}

/** Thickness by the kitchen's bands or as the plate was, and servings by the schools of saucing. */
export function InOtherWords({ formula, form, kitchen, write }: NeedPart) {
  const lastTime = useLastTime(formula.id, kitchen.settings.zone);
  const bands = useMemo(() => [...bandsOf(kitchen), ...lastTime], [kitchen, lastTime]);
  return (
    <>
      <Choices
        label={lastTime.length > 0 ? 'By a band, or as the plate was' : 'By a band'}
        options={bands}
        chosen={form.target}
        onChoose={write.target}
      />
      <Servings formula={formula} serving={form.serving} onServing={write.serving} />
    </>
  );
}
