import { memo } from 'react';
import type { FormulaSummary } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';

const STYLES = { LIGHT: 'light', USUAL: 'usual', GENEROUS: 'generous' };
const USE_WORDS: Record<FormulaSummary['uses'][number], string> = {
  DRY_PASTA: 'dry pasta',
  FRESH_PASTA: 'fresh pasta',
  LAYERS: 'layers',
  BAKE: 'bake',
  POACH: 'with a protein',
  SPREAD: 'spread',
  FREEZE: 'freeze',
  PART: 'part',
};

interface Props {
  formula: FormulaSummary;
  serving: string;
  units: Units;
  onServing: (serving: string) => void;
}

/** How much each gets, by the schools of saucing for its first use. */
export const Servings = memo(function Servings({ formula, serving, units, onServing }: Props) {
  const use = formula.servings[0]?.use;
  if (!use) return null;
  const options = formula.servings
    .filter((s) => s.use === use)
    .map((s) => {
      const value = show.typedMass(s.sauceMassKilograms, units);
      return { value, text: `${STYLES[s.style]}, ${value}` };
    });
  return (
    <Choices
      label={`By a school of saucing, for ${USE_WORDS[use]}`}
      options={options}
      chosen={serving}
      onChoose={onServing}
    />
  );
});
