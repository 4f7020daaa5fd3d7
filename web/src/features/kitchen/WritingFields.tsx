import type { KitchenEdit } from '../../api/client';
import { Choices } from '../../ui/Choices';
import { SheetField } from '../../ui/SheetField';
import { FactGrid } from './kitchen.styles';
import type { FactsSheet } from './useFacts';

export type Writing = Pick<KitchenEdit, 'units' | 'pint' | 'hours' | 'decimalMark' | 'currency'>;

const UNITS = [
  { value: 'METRIC', text: 'metric first' },
  { value: 'US', text: 'US first' },
] as const;
const PINTS = [
  { value: 'US', text: 'US, 473 ml' },
  { value: 'IMPERIAL', text: 'imperial, 568 ml' },
] as const;
const HOURS = [
  { value: 'H24', text: '18:30' },
  { value: 'H12', text: '6:30 pm' },
] as const;
const MARKS = [
  { value: 'POINT', text: 'point, 1.5' },
  { value: 'COMMA', text: 'comma, 1,5' },
] as const;

/** How a kitchen writes quantities, hours, numbers and money. */
export function WritingFields({ sheet }: { sheet: FactsSheet }) {
  const { values, put } = sheet;
  return (
    <>
      <FactGrid>
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
        <Choices
          label="The hour"
          options={HOURS}
          chosen={values.hours}
          onChoose={(to) => put('hours', to)}
        />
        <Choices
          label="Before the tenths"
          options={MARKS}
          chosen={values.decimalMark}
          onChoose={(to) => put('decimalMark', to)}
        />
      </FactGrid>
      <SheetField of={sheet} name="currency" label="Money" pointer="/currency" />
    </>
  );
}

/** The same in words. */
export const writingWords = (of: Writing): string =>
  [
    of.units === 'US' ? 'US units first' : 'Metric first',
    of.pint === 'US' ? 'the US pint' : 'the imperial pint',
    `the hour as ${of.hours === 'H12' ? '6:30 pm' : '18:30'}`,
    `one and a half as ${of.decimalMark === 'COMMA' ? '1,5' : '1.5'}`,
    `money in ${of.currency}`,
  ].join(', ');
