import { useQueryClient } from '@tanstack/react-query';
import { client, type IngredientView, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { useSheet } from '../../ui/useSheet';
import { contentOf, formOf, keyOf, SHARES, type IngredientForm } from './ingredientForm';

const FIELDS: Record<string, string> = {
  edible: '/edibleFraction',
  spoon: '/spoonDensityKilogramsPerCubicMeter',
  pieceMass: '/pieceMassKilograms',
  ...Object.fromEntries(SHARES.map(([field]) => [field, `/${field}Fraction`])),
};

export interface Props {
  of: IngredientView | undefined;
  kitchen: KitchenView;
  onClose: () => void;
}

/** An ingredient as it is typed, what is wrong with it, and how it is written. */
export function useIngredient({ of, onClose }: Props) {
  const queries = useQueryClient();
  const sheet = useSheet<IngredientForm>(formOf(of), `ingredient ${of?.id ?? 'new'}`);
  const { values, refused, attempt } = sheet;
  const { content, faults } = contentOf(values, of);
  const touched = values.name.trim() !== '';
  const faultAt = (field: string) =>
    (touched ? faults.get(field) : undefined) ?? refused?.at(FIELDS[field] ?? `/${field}`);
  const write = async (call: () => Promise<unknown>) => {
    const written = await attempt(async () => {
      await call();
      await Promise.all([
        queries.invalidateQueries({ queryKey: ['pantry'] }),
        queries.invalidateQueries({ queryKey: ['formulas'] }),
      ]);
    });
    if (written) onClose();
  };
  const id = of?.id ?? keyOf(values.name);
  const header = { 'If-Match': of?.version ?? 0 };
  const save = async () => {
    if (!content) return;
    const to = { params: { path: { id }, header }, body: content };
    await write(() => answered(client.PUT('/api/pantry/ingredients/{id}', to)));
  };
  const retire = (retired: boolean) => {
    const to = { params: { path: { id }, query: { retired }, header } };
    return write(() => answered(client.PUT('/api/pantry/ingredients/{id}/retired', to)));
  };
  return { sheet, content, faultAt, save, retire };
}
export type Ingredient = ReturnType<typeof useIngredient>;
