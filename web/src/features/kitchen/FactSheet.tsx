import { client, type KitchenEdit, type KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { FACTS, edited, read, written, type FactName } from './facts';
import { FactGrid } from './kitchen.styles';
import { asSeen, useEdit } from './useEdit';

const UNITS = [
  { value: 'METRIC', text: 'metric first' },
  { value: 'US', text: 'US first' },
] as const;
const PINTS = [
  { value: 'US', text: 'US, 473 ml' },
  { value: 'IMPERIAL', text: 'imperial, 568 ml' },
] as const;

/** What is changed together. */
export type Sheets = Record<
  'place' | 'accuracy' | 'thickness' | 'writing',
  { title: string; facts: readonly FactName[] }
>;

interface Props {
  which: keyof Sheets;
  of: Sheets[keyof Sheets];
  kitchen: KitchenView;
  onClose: () => void;
}
type Words = Pick<KitchenEdit, 'name' | 'zone' | 'units' | 'currency' | 'pint'>;
type Texts = Record<string, string> & Words;

/** Some facts of the kitchen while they are changed. */
export function FactSheet({ which, of, kitchen, onClose }: Props) {
  const { settings } = kitchen;
  const now = useNow();
  const { name, zone, units, currency, pint } = settings;
  const texts = Object.fromEntries(of.facts.map((f) => [f, written(settings, f)]));
  const start = { ...texts, name, zone, units, currency, pint } as Texts;
  const edit = { of: settings, kind: `facts ${which}`, start, onSaved: onClose };
  const sheet = useEdit<Texts>(edit);
  const { values, put, save, refused } = sheet;
  const facts = Object.fromEntries(of.facts.map((f) => [f, values[f] ?? '']));
  const body = edited(settings, facts, {
    name: values.name,
    zone: values.zone,
    units: values.units,
    currency: values.currency,
    pint: values.pint,
  });
  const write = async () => {
    if (body) await save(() => answered(client.PUT('/api/kitchen', { body, ...asSeen(settings) })));
  };
  const pointers = [...of.facts, 'name', 'zone', 'currency'].map((f) => `/${f}`);
  return (
    <Sheet
      of={sheet}
      title={of.title}
      ready={body !== undefined}
      onAct={write}
      onClose={onClose}
      atField={pointers.map((p) => refused?.at(p)).find(Boolean)}
    >
      {which === 'place' && (
        <SheetField of={sheet} name="name" label="Name" pointer="/name" autoFocus />
      )}
      <FactGrid>
        {of.facts.map((f) => (
          <SheetField
            key={f}
            of={sheet}
            name={f}
            label={FACTS[f].label}
            pointer={`/${f}`}
            read={read(f, values[f] ?? '')}
          />
        ))}
      </FactGrid>
      {which === 'place' && (
        <SheetField
          of={sheet}
          name="zone"
          label="Time zone"
          pointer="/zone"
          understood={`it is ${show.hour(now, zone)}`}
        />
      )}
      {which === 'writing' && (
        <>
          <Choices
            label="Quantities shown"
            options={UNITS}
            chosen={values.units}
            onChoose={(to) => put('units', to)}
          />
          <Choices
            label="A pint is"
            options={PINTS}
            chosen={values.pint}
            onChoose={(to) => put('pint', to)}
          />
          <SheetField of={sheet} name="currency" label="Money" pointer="/currency" />
        </>
      )}
    </Sheet>
  );
}
