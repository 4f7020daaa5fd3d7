import type { IngredientView, StockItem } from '../../api/client';

export const content = {
  name: 'Passata',
  labelRead: false,
  kind: 'TOMATO',
  waterFraction: 0.91,
  alcoholFraction: 0,
  proteinFraction: 0.013,
  fatFraction: 0.001,
  carbohydrateFraction: 0.06,
  fibreFraction: 0.015,
  saltFraction: 0.002,
  sugarsFraction: 0.045,
  spoonDensityKilogramsPerCubicMeter: 1035,
  edibleFraction: 1,
  sulphitesMilligramsPerKilogram: 0,
  allergens: [],
  traits: [],
  alsoCalled: ['sieved tomatoes'],
  packs: [{ name: '700 g bottle', netMassKilograms: 0.7, price: 1.5, loose: false }],
  source: 'label',
};
export const passata = {
  id: 'passata',
  content,
  care: { openedDays: 4 },
  retired: false,
  version: 1,
} as unknown as IngredientView;
export const cream = {
  id: 'cream',
  content: { ...content, name: 'Cream', kind: 'DAIRY' },
  care: { openedDays: 3 },
  retired: false,
  version: 1,
} as unknown as IngredientView;
export const json = (body: unknown) =>
  new Response(JSON.stringify(body), {
    status: 200,
    headers: { 'content-type': 'application/json' },
  });
export const lot = (id: string, useBy?: string): StockItem => ({
  id,
  ingredientId: 'passata',
  massKilograms: 0.4,
  massText: '400 g',
  note: 'door side',
  version: 1,
  openedOn: '2026-02-28',
  ...(useBy ? { useBy } : {}),
});

export const toNineFigures = (of: object): unknown =>
  JSON.parse(
    JSON.stringify(of, (_, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(9)) : v)),
  );
