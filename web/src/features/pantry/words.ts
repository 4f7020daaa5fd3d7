import type { Avoid, IngredientContent, IngredientView } from '../../api/client';

type Content = IngredientContent;

export const KINDS: Record<Content['kind'], string> = {
  TOMATO: 'tomatoes',
  VEGETABLE: 'vegetables',
  MUSHROOM: 'mushrooms',
  PULSE: 'pulses',
  MEAT: 'meat',
  CURED_PORK: 'cured pork',
  FISH: 'fish',
  SHELLFISH: 'shellfish',
  STOCK: 'stocks',
  WINE: 'wine and spirits',
  SOURING: 'vinegar and citrus',
  FAT: 'oils and fats',
  DAIRY: 'dairy and cheese',
  EGG: 'eggs',
  HERB: 'herbs',
  SPICE: 'spices',
  SEASONING: 'salt and sugar',
  SAVOURY: 'savoury helpers',
  STARCH: 'flour, pasta, crumbs',
  OTHER: 'other',
};
export const ALLERGENS: Record<Content['allergens'][number], string> = {
  WHEAT: 'wheat',
  OTHER_GLUTEN: 'other gluten',
  CRUSTACEANS: 'crustaceans',
  EGG: 'egg',
  FISH: 'fish',
  PEANUTS: 'peanuts',
  SOYA: 'soya',
  MILK: 'milk',
  NUTS: 'nuts',
  CELERY: 'celery',
  MUSTARD: 'mustard',
  SESAME: 'sesame',
  SULPHITES: 'sulphites',
  LUPIN: 'lupin',
  MOLLUSCS: 'molluscs',
};
export const TRAITS: Record<Content['traits'][number], string> = {
  MEAT: 'meat',
  PORK: 'pork',
  FISH: 'fish',
  SHELLFISH: 'shellfish',
  DAIRY: 'dairy',
  EGG: 'egg',
  RENNET: 'animal rennet',
  HONEY: 'honey',
  ALCOHOL: 'alcohol',
  GARLIC: 'garlic',
  ONION: 'onion',
  CURED: 'cured',
  BRAISES: 'tender again when braised',
};

/** What is left out, in a cook's word. */
export function avoidWords(avoid: Avoid, goods: readonly IngredientView[]): string {
  if (avoid.kind === 'INGREDIENT')
    return goods.find((g) => g.id === avoid.key)?.content.name ?? avoid.key;
  const words: Record<string, string> = avoid.kind === 'ALLERGEN' ? ALLERGENS : TRAITS;
  return words[avoid.key] ?? avoid.key.toLowerCase();
}

export const entries = <T extends string>(of: Record<T, string>): [T, string][] =>
  Object.entries(of) as [T, string][];
