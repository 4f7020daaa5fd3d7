import { client, type KitchenEdit, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { edited, written, type FactName } from './facts';
import { asSeen, useEdit } from './useEdit';

type Words = Pick<
  KitchenEdit,
  'name' | 'zone' | 'units' | 'currency' | 'pint' | 'hours' | 'decimalMark'
>;
type Texts = Record<string, string> & Words;
export type FactsSheet = ReturnType<typeof useFacts>;

interface Facts {
  kitchen: KitchenView;
  /** What is typed here is kept under this name. */
  kept: string;
  facts: readonly FactName[];
  onSaved: () => void;
  /** Words to begin with that the kitchen has not yet. */
  supposed?: Partial<Words>;
}

/** Some facts of the kitchen while they are changed: what is typed, and how it is saved. */
export function useFacts({ kitchen, kept, facts, onSaved, supposed }: Facts) {
  const { settings } = kitchen;
  const { name, zone, units, currency, pint, hours, decimalMark } = settings;
  const texts = Object.fromEntries(facts.map((f) => [f, written(settings, f)]));
  const words = { name, zone, units, currency, pint, hours, decimalMark, ...supposed };
  const start = { ...texts, ...words } as Texts;
  const sheet = useEdit<Texts>({ of: settings, kind: `facts ${kept}`, start, onSaved });
  const { values } = sheet;
  const body = edited(settings, Object.fromEntries(facts.map((f) => [f, values[f] ?? ''])), {
    name: values.name,
    zone: values.zone,
    units: values.units,
    currency: values.currency,
    pint: values.pint,
    hours: values.hours,
    decimalMark: values.decimalMark,
  });
  const write = async (also: Partial<KitchenEdit> = {}) => {
    if (!body) return;
    const whole = { ...body, ...also };
    await sheet.save(() =>
      answered(client.PUT('/api/kitchen', { body: whole, ...asSeen(settings) })),
    );
  };
  return { ...sheet, ready: body !== undefined, write };
}
