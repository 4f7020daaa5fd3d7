import { client } from '../../../api/client';
import { answered } from '../../../api/problem';
import { show, type Units } from '../../../quantities';
import { Pick, TextLine } from '../../../ui/fields';
import { useKept } from '../../../ui/useKept';
import { Steps } from '../beside/beside.styles';
import { short } from '../beside/hours';
import { Step } from '../beside/Step';
import { asked, hasFault, known } from './asked';
import { PartCard } from './PartCard';
import { useSolved } from './useSolved';

type Grind = 'QUICK' | 'MEDIUM' | 'COARSE';
interface Ask {
  grainMassKilograms?: number;
  cookedMassKilograms?: number;
  waterToGrainFraction: number;
  grind: Grind;
}
const solve = (body: Ask) => answered(client.POST('/api/serving/parts/polenta', { body }));
const GRINDS: readonly (readonly [Grind, string])[] = [
  ['QUICK', 'quick'],
  ['MEDIUM', 'medium'],
  ['COARSE', 'coarse'],
];
const USUAL = 4.5;

/** Polenta and grits: grain or what it makes is known. */
export function PolentaCard({ units }: { units: Units }) {
  const { values, change } = useKept(
    { grain: '400 g', cooked: '', water: '4.5', grind: 'MEDIUM' as Grind },
    'part-polenta',
  );
  const masses = {
    grainMassKilograms: asked(values.grain, 'MASS', 'g'),
    cookedMassKilograms: asked(values.cooked, 'MASS', 'g'),
  };
  const water = asked(values.water, 'COUNT', '');
  const { answer, faultAt } = useSolved(
    hasFault({ ...masses, water })
      ? undefined
      : {
          ...known(masses),
          waterToGrainFraction: water.value ?? USUAL,
          grind: values.grind,
        },
    solve,
  );
  const mass = (kg: number) => show.text(show.mass(kg, units));
  return (
    <PartCard
      title="Polenta and grits"
      sub="type grain, or what it is to make"
      fields={
        <>
          <TextLine
            label="Grain"
            text={values.grain}
            onText={(grain) => change({ grain })}
            fault={masses.grainMassKilograms.fault ?? faultAt('grainMassKilograms')}
          />
          <TextLine
            label="Cooked"
            text={values.cooked}
            onText={(cooked) => change({ cooked })}
            fault={masses.cookedMassKilograms.fault ?? faultAt('cookedMassKilograms')}
          />
          <TextLine
            label="Water to one of grain"
            text={values.water}
            onText={(to) => change({ water: to })}
            fault={water.fault ?? faultAt('waterToGrainFraction')}
          />
          <Pick
            label="Ground"
            value={values.grind}
            options={GRINDS}
            onPick={(grind) => change({ grind })}
          />
        </>
      }
    >
      {answer && (
        <Steps aria-label="Polenta comes to">
          <Step what="Grain" figure={mass(answer.grainMassKilograms)} />
          <Step what="Water" figure={mass(answer.waterMassKilograms)} />
          <Step
            what="Cooked"
            figure={mass(answer.cookedMassKilograms)}
            note={answer.cuts ? 'sets so that it can be cut' : 'stays soft on the plate'}
          />
          <Step
            what="On the fire"
            figure={short(answer.minutes.likelySeconds)}
            note={`${short(answer.minutes.leastSeconds)} to ${short(answer.minutes.mostSeconds)}, stirred`}
          />
        </Steps>
      )}
    </PartCard>
  );
}
