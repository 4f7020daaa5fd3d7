import { client } from '../../../api/client';
import { answered } from '../../../api/problem';
import { show, type Units } from '../../../quantities';
import { Pick, TextLine } from '../../../ui/fields';
import { useKept } from '../../../ui/useKept';
import { Steps } from '../beside/beside.styles';
import { Step } from '../beside/Step';
import { asked, hasFault, known } from './asked';
import { PartCard } from './PartCard';
import { useSolved } from './useSolved';

type Thickness = 'THIN' | 'MEDIUM' | 'THICK';
interface Ask {
  milkMassKilograms?: number;
  flourMassKilograms?: number;
  sauceMassKilograms?: number;
  thickness: Thickness;
  cookedLong: boolean;
}
const solve = (body: Ask) => answered(client.POST('/api/serving/parts/white-sauce', { body }));
const THICK: readonly (readonly [Thickness, string])[] = [
  ['THIN', 'thin'],
  ['MEDIUM', 'medium'],
  ['THICK', 'thick'],
];
const WORDS: Record<Thickness, string> = { THIN: 'thin', MEDIUM: 'medium', THICK: 'thick' };
const COOKED = [
  ['no', 'a minute in the fat'],
  ['yes', '15 to 20 min with the milk'],
] as const;

/** White sauce: milk, flour or sauce is known; milk and flour together are judged. */
export function WhiteSauceCard({ units }: { units: Units }) {
  const { values, change } = useKept(
    { milk: '1 kg', flour: '', sauce: '', thickness: 'MEDIUM' as Thickness, long: 'no' },
    'part-white-sauce',
  );
  const fields = {
    milkMassKilograms: asked(values.milk, 'MASS', 'g'),
    flourMassKilograms: asked(values.flour, 'MASS', 'g'),
    sauceMassKilograms: asked(values.sauce, 'MASS', 'g'),
  };
  const { answer, faultAt } = useSolved(
    hasFault(fields)
      ? undefined
      : { ...known(fields), thickness: values.thickness, cookedLong: values.long === 'yes' },
    solve,
  );
  const line = (label: string, key: 'milk' | 'flour' | 'sauce', field: keyof typeof fields) => (
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
      title="White sauce"
      sub="type milk, flour or sauce; milk and flour together are judged"
      fields={
        <>
          {line('Milk', 'milk', 'milkMassKilograms')}
          {line('Flour', 'flour', 'flourMassKilograms')}
          {line('Sauce', 'sauce', 'sauceMassKilograms')}
          <Pick
            label="Wanted"
            value={values.thickness}
            options={THICK}
            onPick={(thickness) => change({ thickness })}
          />
          <Pick
            label="Cooked"
            value={values.long === 'yes' ? 'yes' : 'no'}
            options={COOKED}
            onPick={(long) => change({ long })}
          />
        </>
      }
    >
      {answer && (
        <Steps aria-label="White sauce comes to">
          <Step what="Milk" figure={mass(answer.milkMassKilograms)} />
          <Step
            what="Flour"
            figure={mass(answer.flourMassKilograms)}
            note={`${show.text(show.percent(answer.flourFraction))} of the milk`}
          />
          <Step what="Fat" figure={mass(answer.fatMassKilograms)} />
          <Step what="Sauce" figure={mass(answer.sauceMassKilograms)} />
          <Step
            what="Hot it is"
            figure={WORDS[answer.hot]}
            note={`cold it is ${WORDS[answer.cold]}`}
          />
        </Steps>
      )}
    </PartCard>
  );
}
