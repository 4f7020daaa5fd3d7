import { newId, type BesideSheet, type KitchenView, type ServingTables } from '../../../api/client';
import { textOfBeside, type BesideText } from './besideText';
import { traysOf } from './trays';

/** Below its boil a sauce poaches gently. */
const BELOW_BOIL = 4;
const FRIDGE = 5;
const ROOM = 20;
const DRY_KG = 0.1;
const FRESH_KG = 0.13;
/** Of sheets, for a head (common practice). */
const SHEETS_KG = 0.045;

/** What is strewn most. */
const GRATED: NonNullable<BesideSheet['goods']> = {
  ingredientId: 'hard-cheese',
  massEachKilograms: 0.01,
  eachText: '10 g',
  overSauce: true,
};

/** What can go with a dish, as one list of keys and words. */
export function offers(tables: ServingTables): (readonly [string, string])[] {
  return [
    ['', 'choose'] as const,
    ...tables.shapes.map((s) => [`pasta:${s.id}`, s.name] as const),
    ...tables.cuts.map((c) => [`piece:${c.id}`, c.name] as const),
    ['tray:', 'In a tray, with sheets'] as const,
    ['goods:', 'Cheese, bread or other goods'] as const,
  ];
}

/** What was chosen, as it is begun: for all of the eaters, as is usual. */
export function begun(
  offer: string,
  covers: number,
  tables: ServingTables,
  kitchen: KitchenView,
): BesideText {
  const [kind, id] = offer.split(':');
  const sheet: BesideSheet = {
    covers,
    ...(kind === 'pasta' && { pasta: pasta(id ?? '', tables) }),
    ...(kind === 'piece' && { piece: piece(id ?? '', tables, kitchen) }),
    ...(kind === 'goods' && { goods: GRATED }),
    ...(kind === 'tray' && { tray: tray(covers, kitchen) }),
  };
  return { ...textOfBeside(sheet, 0, kitchen.settings.units), key: newId() };
}

function pasta(id: string, tables: ServingTables): NonNullable<BesideSheet['pasta']> {
  const fresh = tables.shapes.find((s) => s.id === id)?.fresh ?? false;
  return {
    shapeId: id,
    rawMassEachKilograms: fresh ? FRESH_KG : DRY_KG,
    rawEachText: '',
    startCelsius: fresh ? FRIDGE : ROOM,
    dressing: 'IN_THE_PAN',
    litersPerKilogram: 8,
    saltGramsPerLiter: 10,
    waterCelsius: 12,
  };
}

function piece(
  id: string,
  tables: ServingTables,
  kitchen: KitchenView,
): NonNullable<BesideSheet['piece']> {
  const cut = tables.cuts.find((c) => c.id === id);
  const heat = Math.round(kitchen.boilingPointCelsius - BELOW_BOIL);
  return {
    cutId: id,
    piecesEach: id.startsWith('ball') ? 3 : 1,
    thicknessMeters: cut?.usualMeters ?? 0.02,
    startCelsius: FRIDGE,
    before: [],
    medium: 'POACH',
    mediumCelsius: heat,
    coreCelsius: Math.min(cut?.tasteToCelsius ?? 60, heat - 3),
    readings: [],
    ...(id.startsWith('ball') && { formulaId: 'meatballs' }),
  };
}

function tray(covers: number, kitchen: KitchenView): NonNullable<BesideSheet['tray']> {
  const own = traysOf(kitchen)[0];
  return {
    ...(own ? { vesselId: own.id } : { traySizeId: 'gn-half' }),
    trays: 1,
    sheetId: 'dry-no-boil',
    sheetsMassKilograms: Math.round(covers * SHEETS_KG * 100) / 100,
    layers: 4,
    fillings: [{ fillingId: 'white-sauce', massKilograms: Math.round(covers * 8) / 100 }],
    ovenCelsius: 185,
    fan: false,
    coveredMinutes: 45,
    openMinutes: 15,
    startCelsius: ROOM,
    coreCelsius: 74,
  };
}
