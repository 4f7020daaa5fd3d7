import type { IngredientContent, IngredientView } from '../../api/client';
import { parseQuantity } from '../../quantities';

/** A pack as it is typed. */
export interface PackText {
  name: string;
  net: string;
  price: string;
  loose: boolean;
}
/** What is typed, raw: grams in 100 g. */
export interface IngredientForm {
  name: string;
  kind: IngredientContent['kind'];
  water: string;
  alcohol: string;
  protein: string;
  fat: string;
  carbohydrate: string;
  fibre: string;
  salt: string;
  sugars: string;
  spoon: string;
  pieceName: string;
  pieceMass: string;
  edible: string;
  alsoCalled: string;
  source: string;
  packs: PackText[];
  allergens: IngredientContent['allergens'];
  traits: IngredientContent['traits'];
  labelRead: boolean;
}
export const SHARES = [
  ['water', 'Water'],
  ['fat', 'Fat'],
  ['protein', 'Protein'],
  ['carbohydrate', 'Carbohydrate with fibre'],
  ['fibre', 'Fibre'],
  ['sugars', 'Sugars'],
  ['salt', 'Salt'],
  ['alcohol', 'Alcohol'],
] as const;

const TABLESPOON = 14.7868e-6;
const tidy = (value: number) => String(Number(value.toPrecision(4)));
const percent = (share: number) => tidy(share * 100);
const grams = (kilograms: number) => `${tidy(kilograms * 1000)} g`;

export function formOf(of: IngredientView | undefined): IngredientForm {
  const c = of?.content;
  return {
    name: c?.name ?? '',
    kind: c?.kind ?? 'OTHER',
    water: c ? percent(c.waterFraction) : '',
    alcohol: c ? percent(c.alcoholFraction) : '0',
    protein: c ? percent(c.proteinFraction) : '',
    fat: c ? percent(c.fatFraction) : '',
    carbohydrate: c ? percent(c.carbohydrateFraction) : '',
    fibre: c ? percent(c.fibreFraction) : '0',
    salt: c ? percent(c.saltFraction) : '0',
    sugars: c ? percent(c.sugarsFraction) : '0',
    spoon:
      c?.spoonDensityKilogramsPerCubicMeter === undefined
        ? ''
        : grams(c.spoonDensityKilogramsPerCubicMeter * TABLESPOON),
    pieceName: c?.pieceName ?? '',
    pieceMass: c?.pieceMassKilograms === undefined ? '' : grams(c.pieceMassKilograms),
    edible: c ? percent(c.edibleFraction) : '100',
    alsoCalled: c?.alsoCalled.join(', ') ?? '',
    source: c?.source ?? '',
    packs: c?.packs.map((p) => ({
      name: p.name,
      net: grams(p.netMassKilograms),
      price: p.price === undefined ? '' : String(p.price),
      loose: p.loose,
    })) ?? [{ name: '', net: '', price: '', loose: false }],
    allergens: c?.allergens ?? [],
    traits: c?.traits ?? [],
    labelRead: c?.labelRead ?? false,
  };
}

/** The content that a form means, and what is wrong with its fields. */
export function contentOf(
  form: IngredientForm,
  was: IngredientView | undefined,
): { content: IngredientContent | undefined; faults: Map<string, string> } {
  const faults = new Map<string, string>();
  const number = (
    field: string,
    text: string,
    kind: 'SHARE' | 'MASS' | 'COUNT',
    own: string,
  ): number => {
    const read = parseQuantity(text, kind, own);
    if (read.outcome === 'understood' && read.value >= 0) return read.value;
    faults.set(
      field,
      read.outcome === 'understood' ? 'Less than nothing cannot be in it.' : read.message,
    );
    return 0;
  };
  const share = (field: keyof IngredientForm & string, text: string) =>
    number(field, text.trim() || '0', 'SHARE', '%');
  if (!form.name.trim()) faults.set('name', 'Type a name.');
  const packs = form.packs
    .filter((p) => p.name.trim() || p.net.trim())
    .map((p, i) => ({
      name: p.loose ? 'loose' : p.name.trim() || 'pack',
      loose: p.loose,
      netMassKilograms: number(`packs.${i}.net`, p.net, 'MASS', 'g'),
      ...(p.price.trim() ? { price: number(`packs.${i}.price`, p.price, 'COUNT', '') } : {}),
    }));
  const content: IngredientContent = {
    name: form.name.trim(),
    kind: form.kind,
    waterFraction: share('water', form.water),
    alcoholFraction: share('alcohol', form.alcohol),
    proteinFraction: share('protein', form.protein),
    fatFraction: share('fat', form.fat),
    carbohydrateFraction: share('carbohydrate', form.carbohydrate),
    fibreFraction: share('fibre', form.fibre),
    saltFraction: share('salt', form.salt),
    sugarsFraction: share('sugars', form.sugars),
    ...(form.spoon.trim()
      ? {
          spoonDensityKilogramsPerCubicMeter: number('spoon', form.spoon, 'MASS', 'g') / TABLESPOON,
        }
      : {}),
    ...(form.pieceName.trim() && form.pieceMass.trim()
      ? {
          pieceName: form.pieceName.trim(),
          pieceMassKilograms: number('pieceMass', form.pieceMass, 'MASS', 'g'),
        }
      : {}),
    edibleFraction: share('edible', form.edible || '100'),
    sulphitesMilligramsPerKilogram: was?.content.sulphitesMilligramsPerKilogram ?? 0,
    labelRead: form.labelRead,
    allergens: form.allergens,
    traits: form.traits,
    alsoCalled: form.alsoCalled
      .split(',')
      .map((n) => n.trim())
      .filter(Boolean),
    packs,
    source: form.source,
  };
  return { content: faults.size > 0 ? undefined : content, faults };
}

/** A key from a name: 'Crème fraîche, thick' is creme-fraiche-thick. */
export const keyOf = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60);
