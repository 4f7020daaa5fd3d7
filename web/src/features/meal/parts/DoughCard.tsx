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

interface Ask {
  flourMassKilograms?: number;
  eggCount?: number;
  doughMassKilograms?: number;
  eggMassKilograms: number;
  thicknessMeters: number;
}
const solve = (body: Ask) => answered(client.POST('/api/serving/parts/dough', { body }));
const FEELS = { DRY: 'dry', FIRM: 'firm', SUPPLE: 'supple', SOFT: 'soft' };
const EGG_KG = 0.053;
const THIN_M = 0.001;

/** Egg dough: flour, eggs or dough is known; flour and eggs together are judged. */
export function DoughCard({ units }: { units: Units }) {
  const { values, change } = useKept(
    { flour: '', eggs: '4', dough: '', egg: '53 g', thin: '1 mm' },
    'part-dough',
  );
  const fields = {
    flourMassKilograms: asked(values.flour, 'MASS', 'g'),
    eggCount: asked(values.eggs, 'COUNT', ''),
    doughMassKilograms: asked(values.dough, 'MASS', 'g'),
    eggMassKilograms: asked(values.egg, 'MASS', 'g'),
    thicknessMeters: asked(values.thin, 'LENGTH', 'mm'),
  };
  const { answer, faultAt } = useSolved(
    hasFault(fields)
      ? undefined
      : { eggMassKilograms: EGG_KG, thicknessMeters: THIN_M, ...known(fields) },
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
  const mass = (kg: number) => show.text(show.mass(kg, units));
  return (
    <PartCard
      title="Egg dough"
      sub="type flour, eggs or dough; flour and eggs together are judged"
      fields={
        <>
          {line('Flour', 'flour', 'flourMassKilograms')}
          {line('Eggs', 'eggs', 'eggCount')}
          {line('Dough', 'dough', 'doughMassKilograms')}
          {line('An egg weighs', 'egg', 'eggMassKilograms')}
          {line('Rolled to', 'thin', 'thicknessMeters')}
        </>
      }
    >
      {answer && (
        <Steps aria-label="Dough comes to">
          <Step
            what="Flour"
            figure={mass(answer.flourMassKilograms)}
            note={`begin with ${mass(answer.startFlourKilograms)}; by feel ${mass(answer.leastFlourKilograms)} to ${mass(answer.mostFlourKilograms)}`}
          />
          <Step what="Eggs" figure={String(answer.eggCount)} />
          <Step what="Dough" figure={mass(answer.doughMassKilograms)} note="rest 10 to 30 min" />
          <Step
            what="It feels"
            figure={FEELS[answer.feel]}
            note={
              answer.moreWetKilograms > 0.002
                ? `wants about ${mass(answer.moreWetKilograms)} more egg or water`
                : undefined
            }
            strong={answer.feel === 'DRY'}
          />
          <Step what="Rolls out to" figure={`${show.significant(answer.rolledSquareMeters)} m²`} />
        </Steps>
      )}
    </PartCard>
  );
}
