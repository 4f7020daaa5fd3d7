import { memo } from 'react';
import type { FormulaSummary } from '../../api/client';
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
  onServing: (serving: string) => void;
}

/** How much each gets, by the schools of saucing for its first use. */
export const Servings = memo(function Servings({ formula, serving, onServing }: Props) {
  const use = formula.servings[0]?.use;
  if (!use) return null;
  const options = formula.servings
    .filter((s) => s.use === use)
    .map((s) => ({
      value: `${Math.round(s.sauceMassKilograms * 1000)} g`,
      text: `${STYLES[s.style]}, ${Math.round(s.sauceMassKilograms * 1000)} g`,
    }));
  return (
    <Choices
      label={`By a school of saucing, for ${USE_WORDS[use]}`}
      options={options}
      chosen={serving}
      onChoose={onServing}
    />
  );
});
