import type { BesideSheet, ServingTables } from '../../../api/client';

export const SPAGHETTI: BesideSheet = {
  covers: 12,
  pasta: {
    shapeId: 'spaghetti',
    rawMassEachKilograms: 0.1,
    rawEachText: '100 g',
    startCelsius: 20,
    dressing: 'IN_THE_PAN',
    litersPerKilogram: 8,
    saltGramsPerLiter: 10,
    waterCelsius: 12,
  },
};
export const STEAKS: BesideSheet = {
  covers: 3,
  piece: {
    cutId: 'cod-steak',
    piecesEach: 1,
    thicknessMeters: 0.025,
    startCelsius: 5,
    before: [{ medium: 'PAN', mediumCelsius: 180, minutes: 2 }],
    medium: 'POACH',
    mediumCelsius: 88,
    coreCelsius: 57,
    readings: [{ minutes: 5, coreCelsius: 30 }],
  },
};
export const SHEETS: BesideSheet = {
  covers: 8,
  tray: {
    traySizeId: 'gn-half',
    trays: 1,
    sheetId: 'dry-no-boil',
    sheetsMassKilograms: 0.3,
    layers: 4,
    fillings: [{ fillingId: 'white-sauce', massKilograms: 0.6 }],
    ovenCelsius: 185,
    fan: false,
    coveredMinutes: 45,
    openMinutes: 15,
    startCelsius: 20,
    coreCelsius: 74,
  },
};

export const CHEESE: BesideSheet = {
  covers: 5,
  goods: {
    ingredientId: 'hard-cheese',
    massEachKilograms: 0.012,
    eachText: '12 g',
    overSauce: true,
  },
};

const span = (likelySeconds: number) => ({
  leastSeconds: likelySeconds * 0.9,
  likelySeconds,
  mostSeconds: likelySeconds * 1.2,
});
export const tables = {
  shapes: [
    { id: 'spaghetti', name: 'Spaghetti', form: 'LONG', fresh: false, atSeaLevel: span(540) },
  ],
  cuts: [
    { id: 'cod-steak', name: 'White fish steak', usualMeters: 0.025, tasteToCelsius: 60 },
    { id: 'ball', name: 'Meatballs', usualMeters: 0.043, tasteToCelsius: 74 },
  ],
  traySizes: [{ id: 'gn-half', name: 'Gastronorm 1/2' }],
  sheets: [{ id: 'dry-no-boil', name: 'Dry sheets', drinksFraction: 1 }],
  fillings: [{ id: 'white-sauce', name: 'White sauce' }],
  neighbours: [],
  equipmentTimes: [],
} as unknown as ServingTables;
export const pasta = {
  cookedMassKilograms: 2.5,
  vesselId: 'v1',
  vesselName: 'Stockpot',
  heatSourceId: 'h1',
  burnerName: 'Gas',
  drops: 1,
  waterMassKilograms: 9.6,
  saltMassKilograms: 0.096,
  boilingCelsius: 92.1,
  toTheBoil: span(1500),
  reckonedToTheBoilSeconds: 1500,
  litBeforeSeconds: 2700,
  boilsBefore: span(1000),
  dropBeforeSeconds: 780,
  tasteBeforeSeconds: 165,
  outBeforeSeconds: 75,
  alDente: span(745),
  out: span(705),
  slowerFactor: 1.26,
  fallKelvins: 4.2,
  backSeconds: 50,
  stillDrinksKilograms: 0.06,
  starchGramsPerLiter: 9,
  saltGramsPerLiter: 10,
  saltTakenKilograms: 0.008,
  ladleMassKilograms: 0.075,
  boilOffKilograms: 0,
  parCooked: {
    liftSeconds: 650,
    keptMassKilograms: 2.3,
    oilMassKilograms: 0.035,
    dipSeconds: 48,
    stillDrinksKilograms: 0.2,
    bathStarchGramsPerLiter: 1,
  },
};
export const pieces = {
  count: 3,
  eachMassKilograms: 0.18,
  beforeSeconds: 0,
  rule: {
    coreCelsius: 63,
    heldSeconds: 15,
    section: '3-401.11',
    ruleSetName: 'Test code',
    fromSeconds: 900,
    enoughSeconds: 915,
  },
  coreCelsius: 57,
  core: span(600),
  outSeconds: 540,
  restsSeconds: 120,
  gainsKelvins: 3,
  suffersCelsius: 66,
  suffersSeconds: 1000,
  rubbery: false,
  ready: 'flakes part',
  juiceLeastKilograms: 0.054,
  juiceMostKilograms: 0.135,
  slowerFactor: 1,
  course: [0, 300, 600, 1000].map((seconds) => ({
    seconds,
    fastCelsius: 10 + seconds / 12,
    likelyCelsius: 8 + seconds / 13,
    slowCelsius: 6 + seconds / 15,
  })),
};
export const tray = {
  trays: 1,
  layers: [
    { kind: 'UNDER', name: 'Marinara', count: 0, massKilograms: 0.1 },
    { kind: 'SHEETS', name: 'Dry sheets', count: 4, massKilograms: 0.08 },
    { kind: 'TOP', name: 'Marinara', count: 0, massKilograms: 0.9 },
  ],
  filledMeters: 0.04,
  lineMeters: 0.051,
  drinksKilograms: 0.3,
  drinksLeastKilograms: 0.27,
  drinksMostKilograms: 0.36,
  losesKilograms: 0.11,
  givesKilograms: 0.2,
  surplusKilograms: -0.21,
  verdict: 'SHORT',
  ways: [
    { kind: 'LET_DOWN', waterKilograms: 0.21, seconds: 0 },
    { kind: 'COVER_LONGER', waterKilograms: 0, seconds: 732 },
  ],
  bake: span(2400),
  coveredSeconds: 1800,
  openSeconds: 600,
  hotForSeconds: 2000,
};
