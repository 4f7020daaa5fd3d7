import type { KitchenView } from '../../api/client';
import { potWords, useTaken } from '../../api/occupancy';
import { show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Pick, TextLine } from '../../ui/fields';
import { BareMetal } from './BareMetal';
import { placesOf, type SetupForm } from './setup';
import { PanAndCount } from './keep.styles';

const COVER = [
  { value: 'no', text: 'open' },
  { value: 'yes', text: 'covered' },
] as const;
const STIR = [
  { value: 'never', text: 'not stirred' },
  { value: '5', text: 'every 5 min' },
  { value: '10', text: 'every 10 min' },
  { value: '20', text: 'every 20 min' },
] as const;

interface Props {
  form: SetupForm;
  onForm: (form: SetupForm) => void;
  kitchen: KitchenView;
  fault: (pointer: string) => string | undefined;
}

/** In what, how many, where, and how it is treated. */
export function SetupFields({ form, onForm, kitchen, fault }: Props) {
  const set =
    <K extends keyof SetupForm>(key: K) =>
    (value: SetupForm[K]) =>
      onForm({ ...form, [key]: value });
  const taken = useTaken();
  const whole = /^\s*\d+\s*$/.test(form.count);
  return (
    <>
      <PanAndCount>
        <Pick
          label="In what"
          value={form.vesselId}
          options={kitchen.vessels.map(
            (v) =>
              [
                v.id,
                `${potWords(v, taken)}, ${show.text(show.volume(v.capacityCubicMeters, kitchen.settings.units))}`,
              ] as const,
          )}
          onPick={set('vesselId')}
          fault={fault('/setup/vesselId')}
        />
        <TextLine
          label="How many"
          text={form.count}
          onText={set('count')}
          fault={whole ? fault('/setup/count') : 'A whole number of pans, such as 2.'}
        />
      </PanAndCount>
      <BareMetal vessel={kitchen.vessels.find((v) => v.id === form.vesselId)} />
      <Pick label="Where" value={form.place} options={placesOf(kitchen)} onPick={set('place')} />
      <Choices
        label="Lid or film"
        options={COVER}
        chosen={form.covered}
        onChoose={set('covered')}
      />
      <Choices
        label="Stirred through"
        options={STIR}
        chosen={form.stirred}
        onChoose={set('stirred')}
      />
    </>
  );
}
