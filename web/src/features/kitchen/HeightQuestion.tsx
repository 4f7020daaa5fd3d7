import { useState } from 'react';
import type { BoiledAltitude, KitchenView } from '../../api/client';
import { ProblemError } from '../../api/problem';
import { QuantityField, show, typed, withUnit, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { SheetField } from '../../ui/SheetField';
import { FACTS, read, type FactName } from './facts';
import { AnswerActs, type Answering } from './Question';
import { useBoiling } from './useBoiling';
import { useFacts } from './useFacts';

const FACTS_OF_HEIGHT: FactName[] = ['altitudeMeters'];
const WAYS = [
  { value: 'HEIGHT', text: 'the height of the place' },
  { value: 'BOILING', text: 'where water boils' },
] as const;

/** How high the kitchen is: off a map, or by a thermometer in a rolling boil. */
export function HeightQuestion({ kitchen, ...acts }: Answering & { kitchen: KitchenView }) {
  const { onAnswered } = acts;
  const sheet = useFacts({ kitchen, kept: 'height', facts: FACTS_OF_HEIGHT, onSaved: onAnswered });
  const [by, setBy] = useState<(typeof WAYS)[number]['value']>('HEIGHT');
  const [text, setText] = useState('');
  const { units } = kitchen.settings;
  const boils = typed(withUnit(text, units === 'US' ? 'f' : 'c'), 'TEMPERATURE', 'c');
  const isBoiling = by === 'BOILING';
  const { data, error } = useBoiling(isBoiling ? boils.value : undefined);
  const meters = data?.altitudeMeters;
  const refused = error instanceof ProblemError ? error.summary : undefined;
  const answer = () =>
    isBoiling && meters !== undefined
      ? sheet.write({ altitudeMeters: Math.round(meters), altitudeText: '' })
      : sheet.write();
  return (
    <>
      <Choices label="What is known" options={WAYS} chosen={by} onChoose={setBy} />
      {isBoiling ? (
        <QuantityField
          label="In a rolling boil the thermometer shows"
          text={text}
          onText={setText}
          understood={data ? aboutThere(data, units) : ''}
          fault={boils.fault ?? refused}
        />
      ) : (
        <SheetField
          of={sheet}
          name="altitudeMeters"
          label={FACTS.altitudeMeters.label}
          pointer="/altitudeMeters"
          read={read('altitudeMeters', sheet.values['altitudeMeters'] ?? '', units)}
        />
      )}
      <AnswerActs
        {...acts}
        ready={isBoiling ? meters !== undefined : sheet.ready}
        refused={sheet.refused}
        onAnswer={answer}
      />
    </>
  );
}

function aboutThere(found: BoiledAltitude, units: Units): string {
  const [high, off] = [found.altitudeMeters, found.withinMeters].map((m) =>
    show.text(show.altitude(m, units)),
  );
  return `${high} above the sea, ${off} more or less as the probe errs`;
}
