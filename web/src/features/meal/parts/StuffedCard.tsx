import { client } from '../../../api/client';
import { answered } from '../../../api/problem';
import { show, type Units } from '../../../quantities';
import { TextLine } from '../../../ui/fields';
import { useKept } from '../../../ui/useKept';
import { Steps } from '../beside/beside.styles';
import { Step } from '../beside/Step';
import { asked, hasFault } from './asked';
import { PartCard } from './PartCard';
import { useSolved } from './useSolved';

interface Ask {
  insideMeters: number;
  lengthMeters: number;
  count: number;
  picks: number;
}
const solve = (body: Ask) => answered(client.POST('/api/serving/parts/stuffed', { body }));

/** Stuffed things: filling for two thirds of each, and how many picks come out again. */
export function StuffedCard({ units }: { units: Units }) {
  const { values, change } = useKept(
    { inside: '50 mm', length: '140 mm', count: '8', picks: '1' },
    'part-stuffed',
  );
  const fields = {
    insideMeters: asked(values.inside, 'LENGTH', 'mm'),
    lengthMeters: asked(values.length, 'LENGTH', 'mm'),
    count: asked(values.count, 'COUNT', ''),
    picks: asked(values.picks, 'COUNT', ''),
  };
  const { answer, faultAt } = useSolved(
    hasFault(fields)
      ? undefined
      : {
          insideMeters: fields.insideMeters.value ?? 0,
          lengthMeters: fields.lengthMeters.value ?? 0,
          count: Math.round(fields.count.value ?? 0),
          picks: Math.round(fields.picks.value ?? 0),
        },
    solve,
  );
  const line = (label: string, key: keyof typeof values, field: keyof typeof fields) => (
    <TextLine
      label={label}
      text={values[key]}
      onText={(to) => change({ [key]: to })}
      fault={fields[field].fault ?? faultAt(field)}
    />
  );
  return (
    <PartCard
      title="Stuffed"
      sub="filled to two thirds: they shrink, the filling swells"
      fields={
        <>
          {line('Mouth, across', 'inside', 'insideMeters')}
          {line('Deep', 'length', 'lengthMeters')}
          {line('How many', 'count', 'count')}
          {line('Picks each', 'picks', 'picks')}
        </>
      }
    >
      {answer && (
        <Steps aria-label="Filling comes to">
          <Step
            what="Filling each"
            figure={show.text(show.mass(answer.eachMassKilograms, units))}
          />
          <Step what="Filling" figure={show.text(show.mass(answer.allMassKilograms, units))} />
          <Step what="Picks in, and out again" figure={String(answer.picks)} />
        </Steps>
      )}
    </PartCard>
  );
}
