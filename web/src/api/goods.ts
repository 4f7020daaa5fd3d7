import type { FormulaSummary, IngredientView } from './client';

/** What a line can name: goods of the pantry, and formulas that make a part. */
export interface Goods extends Pick<IngredientView, 'id' | 'retired' | 'householdKilograms'> {
  content: Pick<
    IngredientView['content'],
    'name' | 'alsoCalled' | 'spoonDensityKilogramsPerCubicMeter'
  >;
  isMade?: true;
}

const OF_A_FORMULA = 'formula:';

/** A formula as a part of others: by weight, by its own pieces, by makings of all that it makes. */
const made = (f: FormulaSummary): Goods => ({
  id: OF_A_FORMULA + f.id,
  retired: false,
  isMade: true,
  householdKilograms: {
    making: f.madeMassKilograms,
    ...(f.piece ? { [f.piece.name.toLowerCase()]: f.piece.massKilograms } : {}),
  },
  content: {
    name: f.name,
    alsoCalled: [],
    ...(f.ladledKilogramsPerCubicMeter === undefined
      ? {}
      : { spoonDensityKilogramsPerCubicMeter: f.ladledKilogramsPerCubicMeter }),
  },
});

/** All that lines of a formula can name; it is no part of itself. */
export const goodsOf = (
  pantry: IngredientView[],
  shelf: FormulaSummary[],
  self: string | undefined,
): Goods[] => [
  ...pantry,
  ...shelf.filter((f) => f.id !== self && !f.fault && f.madeMassKilograms > 0).map(made),
];
