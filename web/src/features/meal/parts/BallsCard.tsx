import { client } from '../../../api/client';
import { answered } from '../../../api/problem';
import { show, type Units } from '../../../quantities';
import { TextLine } from '../../../ui/fields';
import { useKept } from '../../../ui/useKept';
import { Steps } from '../beside/beside.styles';
import { Step } from '../beside/Step';
import { asked, hasFault, known } from './asked';
import { PartCard } from './PartCard';
import { useSolved } from './useSolved';

const solve = (body: object) => answered(client.POST('/api/serving/parts/balls', { body }));

/** Balls: two of mix, number and size give the third. */
export function BallsCard({ units }: { units: Units }) {
  const { values, change } = useKept({ mix: '680 g', count: '12', size: '' }, 'part-balls');
  const fields = {
    mixMassKilograms: asked(values.mix, 'MASS', 'g'),
    count: asked(values.count, 'COUNT', ''),
    diameterMeters: asked(values.size, 'LENGTH', 'mm'),
  };
  const { answer, faultAt } = useSolved(hasFault(fields) ? undefined : known(fields), solve);
  const fault = (field: keyof typeof fields) => fields[field].fault ?? faultAt(field);
  return (
    <PartCard
      title="Balls"
      sub="type two of the three"
      fields={
        <>
          <TextLine
            label="Mix"
            text={values.mix}
            onText={(mix) => change({ mix })}
            fault={fault('mixMassKilograms')}
          />
          <TextLine
            label="How many"
            text={values.count}
            onText={(count) => change({ count })}
            fault={fault('count')}
          />
          <TextLine
            label="Across"
            text={values.size}
            onText={(size) => change({ size })}
            fault={fault('diameterMeters')}
          />
        </>
      }
    >
      {answer && (
        <Steps aria-label="Balls come to">
          <Step what="Balls" figure={String(answer.count)} />
          <Step what="Each" figure={show.typedMass(answer.eachMassKilograms, units)} />
          <Step what="Across" figure={show.text(show.depth(answer.diameterMeters, units))} />
          <Step what="Mix" figure={show.text(show.mass(answer.mixMassKilograms, units))} />
        </Steps>
      )}
    </PartCard>
  );
}
