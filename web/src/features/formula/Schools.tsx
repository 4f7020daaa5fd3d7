import { Box } from '@mui/material';
import type { FormulaView, School } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Column } from '../../ui/layout';
import { Text } from '../../ui/text';

interface Props {
  formula: FormulaView;
  onChoose: (school: School) => void;
  units: Units;
  currency: string;
}

/** Other ways of good cooks: the reason, and the effect in numbers beside the chosen way. */
export function Schools({ formula, onChoose, units, currency }: Props) {
  if (formula.choices.length === 0) return null;
  return (
    <Column aria-label="Schools" as="section" gap={1.25}>
      <Text variant="h2">Schools</Text>
      {formula.choices.map((c) => {
        const chosen = formula.chosen.find((s) => s.question === c.question)?.option ?? '';
        return (
          <Box key={c.question}>
            <Choices
              label={c.question}
              options={c.options.map((o) => ({ value: o.name, text: o.name }))}
              chosen={chosen}
              onChoose={(option) => onChoose({ question: c.question, option })}
            />
            <Text tone="muted" size="small">
              {c.options.find((o) => o.name === chosen)?.reason}
            </Text>
            {c.options
              .filter((o) => o.name !== chosen)
              .map((o) => (
                <Text key={o.name} tone="muted" size="small">
                  {o.name}: {o.reason};{' '}
                  {effect(formula, c.question, o.name, chosen, units, currency)}
                </Text>
              ))}
          </Box>
        );
      })}
    </Column>
  );
}

/** What another way changes, where it can be seen on a scale or a label. */
function effect(
  formula: FormulaView,
  question: string,
  option: string,
  chosen: string,
  units: Units,
  currency: string,
): string {
  const other = formula.effects.find((e) => e.question === question && e.option === option);
  const here = formula.effects.find((e) => e.question === question && e.option === chosen);
  if (!other || !here) return '';
  const changes = [
    signed(
      other.madeMassKilograms - here.madeMassKilograms,
      0.005,
      (d) => `${show.text(show.mass(d, units))} of sauce`,
    ),
    signed(other.fatFraction - here.fatFraction, 0.002, (d) => `${show.text(show.percent(d))} fat`),
    signed(
      other.sugarsFraction - here.sugarsFraction,
      0.002,
      (d) => `${show.text(show.percent(d))} sugar`,
    ),
    signed(
      other.saltFraction - here.saltFraction,
      0.0007,
      (d) => `${show.significant(d * 100, 2)} % salt`,
    ),
    signed(other.fixedSeconds - here.fixedSeconds, 60, (d) => show.text(show.span(d))),
    signed((other.cost ?? 0) - (here.cost ?? 0), 0.02, (d) => show.text(show.money(d, currency))),
    ...other.allergens.filter((a) => !here.allergens.includes(a)).map((a) => `brings ${a}`),
    ...here.allergens.filter((a) => !other.allergens.includes(a)).map((a) => `no ${a}`),
  ].filter(Boolean);
  return changes.length === 0 ? 'the figures hardly change' : changes.join(', ');
}

const signed = (difference: number, from: number, words: (size: number) => string): string =>
  Math.abs(difference) < from ? '' : `${difference > 0 ? '+' : '−'}${words(Math.abs(difference))}`;
