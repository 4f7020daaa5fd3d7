/** Unit factors to SI: NIST SP 811 and Handbook 44. The same as in the units module, held by one corpus. */
export type Kind =
  'MASS' | 'VOLUME' | 'LENGTH' | 'POWER' | 'SHARE' | 'TEMPERATURE' | 'DURATION' | 'COUNT';

export const POUND = 0.45359237;
export const CUP = (231 * 0.0254 ** 3) / 16;
const BTU_PER_HOUR = 1055.05585262 / 3600;

const table = (entries: [string, number][]): Map<string, number> =>
  new Map(
    entries.flatMap(([names, factor]) =>
      names.split('|').map((name): [string, number] => [name, factor]),
    ),
  );

export const FACTORS: Record<Kind, Map<string, number>> = {
  MASS: table([
    ['kg|kilo|kilos|kilogram|kilograms', 1],
    ['g|gr|gram|grams', 1e-3],
    ['mg', 1e-6],
    ['lb|lbs|pound|pounds', POUND],
    ['oz|ounce|ounces', POUND / 16],
  ]),
  VOLUME: table([
    ['l|liter|liters|litre|litres', 1e-3],
    ['dl', 1e-4],
    ['cl', 1e-5],
    ['ml', 1e-6],
    ['cup|cups', CUP],
    ['tbsp|tablespoon|tablespoons', CUP / 16],
    ['tsp|teaspoon|teaspoons', CUP / 48],
    ['floz|fl oz', CUP / 8],
    ['pt|pint|pints', CUP * 2],
    ['qt|quart|quarts', CUP * 4],
    ['gal|gallon|gallons', CUP * 16],
  ]),
  LENGTH: table([
    ['m', 1],
    ['cm', 1e-2],
    ['mm', 1e-3],
    ['in|inch|inches|"', 0.0254],
    ['ft|foot|feet', 0.3048],
  ]),
  POWER: table([
    ['w|watt|watts', 1],
    ['kw', 1e3],
    ['btu|btu/h', BTU_PER_HOUR],
  ]),
  SHARE: table([['%|brix', 0.01]]),
  TEMPERATURE: table([
    ['c', 1],
    ['f', 1 / 1.8],
  ]),
  DURATION: table([
    ['s|sec|seconds', 1],
    ['min|mins|minute|minutes', 60],
    ['h|hr|hrs|hour|hours', 3600],
  ]),
  COUNT: new Map(),
};

const IMPERIAL_PINT = 0.56826125e-3;
/** Measures that hang on the pint, where a kitchen means the imperial one. */
export const IMPERIAL: ReadonlyMap<string, number> = table([
  ['pt|pint|pints', IMPERIAL_PINT],
  ['qt|quart|quarts', IMPERIAL_PINT * 2],
  ['gal|gallon|gallons', IMPERIAL_PINT * 8],
  ['floz|fl oz', IMPERIAL_PINT / 20],
]);

export const IN_WORDS: Record<Kind, string> = {
  MASS: 'g, kg, oz or lb',
  VOLUME: 'ml, l, cup, tbsp or tsp',
  LENGTH: 'mm, cm, m, in or ft',
  POWER: 'W, kW or Btu/h',
  SHARE: '%',
  TEMPERATURE: '°C or °F',
  DURATION: 's, min or h',
  COUNT: 'a plain number',
};

/** What is added after the factor: only scales of temperature begin elsewhere. */
export const offset = (kind: Kind, unit: string) =>
  kind === 'TEMPERATURE' && unit === 'f' ? -32 / 1.8 : 0;
