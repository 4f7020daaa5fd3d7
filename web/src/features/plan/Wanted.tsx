import { useMemo } from 'react';
import type { KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { QuantityField, nextWords, parseHour, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Text } from '../../ui/text';
import type { NeedPart } from './NeedFields';
import { Servings } from './Servings';
import { FieldPair } from './plan.styles';
import { servingOf, targetOf } from './understand';
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

/** The hour that is meant, with its day. */
const wantedWords = (
  hour: { localTime: string; localDate?: string },
  zone: string,
  now: number,
): string =>
  hour.localDate
    ? `${show.clock(hour.localTime)} on ${hour.localDate}`
    : nextWords(hour.localTime, zone, now);

/** For whom, how much each, when, and how thick. */
export function Wanted({ form, formula, faults, kitchen, write }: NeedPart) {
  const { units, zone } = kitchen.settings;
  const now = useNow();
  const serving = servingOf(form.serving, formula, kitchen);
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
        understood={hour.outcome === 'understood' ? wantedWords(hour, zone, now) : ''}
      />
      {formula.thickens ? (
        <QuantityField
          label="Thickness"
          text={form.target}
          onText={write.target}
          fault={faults.target}
          numeric={false}
          understood={THICK[targetOf(form.target).by]}
        />
      ) : (
        <Text size="note" tone="muted">
          Its stages say when it is done: as thick as it gets by then.
        </Text>
      )}
    </FieldPair>
  );
}

/** Thickness by the kitchen's bands or as the plate was, and servings by the schools of saucing. */
export function InOtherWords({ formula, form, kitchen, write }: NeedPart) {
  const { zone, units } = kitchen.settings;
  const lastTime = useLastTime(formula.id, zone, units);
  const bands = useMemo(() => [...bandsOf(kitchen), ...lastTime], [kitchen, lastTime]);
  return (
    <>
      {formula.thickens && (
        <Choices
          label={lastTime.length > 0 ? 'By a band, or as the plate was' : 'By a band'}
          options={bands}
          chosen={form.target}
          onChoose={write.target}
        />
      )}
      <Servings formula={formula} serving={form.serving} units={units} onServing={write.serving} />
    </>
  );
}
