import type { BesideSheet, Dressing, Medium } from '../../../api/client';
import { show, type Units } from '../../../quantities';

/** What is typed of pasta, raw. */
export interface PastaText {
  shapeId: string;
  /** The formula of its dough; empty where it is bought. */
  formulaId: string;
  each: string;
  start: string;
  dressing: Dressing;
  vesselId: string;
  heatSourceId: string;
  liters: string;
  salt: string;
  water: string;
  /** What a probe in the water shows: one, or none. */
  probe: ReadingText[];
}
export interface SpellText {
  medium: Medium;
  heat: string;
  minutes: string;
}
export interface ReadingText {
  minutes: string;
  core: string;
}
/** What is typed of pieces, raw. */
export interface PiecesText {
  cutId: string;
  formulaId: string;
  each: string;
  thickness: string;
  start: string;
  before: SpellText[];
  medium: Medium;
  heat: string;
  core: string;
  readings: ReadingText[];
}
export interface FillingText {
  fillingId: string;
  mass: string;
}
/** What is typed of trays, raw; the tray is `vessel:` or `size:` and its id. */
export interface TrayText {
  tray: string;
  trays: string;
  sheetId: string;
  sheetsMass: string;
  layers: string;
  fillings: FillingText[];
  oven: string;
  fan: boolean;
  covered: string;
  open: string;
  start: string;
  core: string;
}
/** What is typed of goods: cheese over the sauce, bread beside it. */
export interface GoodsText {
  ingredientId: string;
  each: string;
  over: boolean;
  /** How they go into an oven; empty where they stay as they are. */
  neighbourId: string;
}
/** What goes with a dish, as it is typed: one of the four. */
export interface BesideText {
  key: string;
  covers: string;
  pasta?: PastaText;
  piece?: PiecesText;
  tray?: TrayText;
  goods?: GoodsText;
}

const degrees = (celsius: number, units: Units) => show.text(show.temperature(celsius, units, 0));
const count = (value: number) => show.plain(value);
const minutes = (value: number) => `${show.plain(value)} min`;

export const textOfBeside = (sheet: BesideSheet, i: number, units: Units): BesideText => ({
  key: `${sheet.pasta?.shapeId ?? sheet.piece?.cutId ?? sheet.goods?.ingredientId ?? 'tray'} ${i}`,
  covers: String(sheet.covers),
  ...(sheet.pasta && { pasta: pastaText(sheet.pasta, units) }),
  ...(sheet.piece && { piece: piecesText(sheet.piece, units) }),
  ...(sheet.tray && { tray: trayText(sheet.tray, units) }),
  ...(sheet.goods && { goods: goodsText(sheet.goods, units) }),
});

const pastaText = (p: NonNullable<BesideSheet['pasta']>, units: Units): PastaText => ({
  shapeId: p.shapeId,
  formulaId: p.formulaId ?? '',
  each: p.rawEachText || show.typedMass(p.rawMassEachKilograms, units),
  start: degrees(p.startCelsius, units),
  dressing: p.dressing,
  vesselId: p.vesselId ?? '',
  heatSourceId: p.heatSourceId ?? '',
  liters: count(p.litersPerKilogram),
  salt: count(p.saltGramsPerLiter),
  water: degrees(p.waterCelsius, units),
  probe: p.waterReading
    ? [
        {
          minutes: minutes(p.waterReading.minutes),
          core: degrees(p.waterReading.waterCelsius, units),
        },
      ]
    : [],
});

const piecesText = (p: NonNullable<BesideSheet['piece']>, units: Units): PiecesText => ({
  cutId: p.cutId,
  formulaId: p.formulaId ?? '',
  each: count(p.piecesEach),
  thickness: show.text(show.depth(p.thicknessMeters, units)),
  start: degrees(p.startCelsius, units),
  before: p.before.map((s) => ({
    medium: s.medium,
    heat: degrees(s.mediumCelsius, units),
    minutes: minutes(s.minutes),
  })),
  medium: p.medium,
  heat: degrees(p.mediumCelsius, units),
  core: degrees(p.coreCelsius, units),
  readings: p.readings.map((r) => ({
    minutes: minutes(r.minutes),
    core: degrees(r.coreCelsius, units),
  })),
});

const trayText = (t: NonNullable<BesideSheet['tray']>, units: Units): TrayText => ({
  tray: t.vesselId ? `vessel:${t.vesselId}` : `size:${t.traySizeId ?? ''}`,
  trays: String(t.trays),
  sheetId: t.sheetId,
  sheetsMass: show.typedMass(t.sheetsMassKilograms, units),
  layers: String(t.layers),
  fillings: t.fillings.map((f) => ({
    fillingId: f.fillingId,
    mass: show.typedMass(f.massKilograms, units),
  })),
  oven: degrees(t.ovenCelsius, units),
  fan: t.fan,
  covered: minutes(t.coveredMinutes),
  open: minutes(t.openMinutes),
  start: degrees(t.startCelsius, units),
  core: degrees(t.coreCelsius, units),
});

const goodsText = (g: NonNullable<BesideSheet['goods']>, units: Units): GoodsText => ({
  ingredientId: g.ingredientId,
  each: g.eachText || show.typedMass(g.massEachKilograms, units),
  over: g.overSauce,
  neighbourId: g.neighbourId ?? '',
});
