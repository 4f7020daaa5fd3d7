import type { BesideSheet } from '../../../api/client';
import { parseQuantity, type Kind, type Measures } from '../../../quantities';
import type {
  BesideText,
  GoodsText,
  PastaText,
  PiecesText,
  ReadingText,
  TrayText,
} from './besideText';

/** Reads texts, and notes at which field one is not understood. */
class Reader {
  constructor(
    private readonly at: string,
    private readonly faults: Map<string, string>,
    private readonly measures: Measures,
  ) {}

  read(field: string, text: string, kind: Kind, unit: string): number {
    const read = parseQuantity(text, kind, unit, this.measures);
    if (read.outcome === 'understood') return read.value;
    this.faults.set(`${this.at}${field}`, read.message);
    return 0;
  }

  /** The text to keep, with its unit. */
  entered(text: string): string {
    const read = parseQuantity(text, 'MASS', 'g', this.measures);
    return read.outcome === 'understood' ? read.entered : text;
  }

  whole(field: string, text: string): number {
    const value = this.read(field, text, 'COUNT', '');
    if (!Number.isInteger(value)) this.faults.set(`${this.at}${field}`, 'Type a whole number.');
    return Math.round(value);
  }

  degrees = (field: string, text: string) => this.read(field, text, 'TEMPERATURE', 'c');
  minutes = (field: string, text: string) => this.read(field, text, 'DURATION', 'min') / 60;
}

/** What is meant; what is not understood is noted below `at`. */
export function meantBeside(
  text: BesideText,
  at: string,
  faults: Map<string, string>,
  measures: Measures,
): BesideSheet {
  const reader = new Reader(at, faults, measures);
  const covers = reader.whole('/covers', text.covers);
  if (text.pasta) return { covers, pasta: meantPasta(text.pasta, reader) };
  if (text.piece) return { covers, piece: meantPieces(text.piece, reader) };
  if (text.goods) return { covers, goods: meantGoods(text.goods, reader) };
  return { covers, ...(text.tray && { tray: meantTray(text.tray, reader) }) };
}

const isFilled = (one: ReadingText) => Boolean(one.minutes.trim() && one.core.trim());

/** A probe in the water counts once both of its fields are filled. */
function probed(t: PastaText, r: Reader) {
  const [one] = t.probe;
  if (!one || !isFilled(one)) return {};
  return {
    waterReading: {
      minutes: r.minutes('/pasta/waterReading', one.minutes),
      waterCelsius: r.degrees('/pasta/waterReading', one.core),
    },
  };
}

const meantPasta = (t: PastaText, r: Reader): NonNullable<BesideSheet['pasta']> => ({
  shapeId: t.shapeId,
  ...(t.formulaId && { formulaId: t.formulaId }),
  rawMassEachKilograms: r.read('/pasta/rawMassEachKilograms', t.each, 'MASS', 'g'),
  rawEachText: r.entered(t.each),
  startCelsius: r.degrees('/pasta/startCelsius', t.start),
  dressing: t.dressing,
  ...(t.vesselId && { vesselId: t.vesselId }),
  ...(t.heatSourceId && { heatSourceId: t.heatSourceId }),
  litersPerKilogram: r.read('/pasta/litersPerKilogram', t.liters, 'COUNT', ''),
  saltGramsPerLiter: r.read('/pasta/saltGramsPerLiter', t.salt, 'COUNT', ''),
  waterCelsius: r.degrees('/pasta/waterCelsius', t.water),
  ...probed(t, r),
});

const meantPieces = (t: PiecesText, r: Reader): NonNullable<BesideSheet['piece']> => ({
  cutId: t.cutId,
  ...(t.formulaId && { formulaId: t.formulaId }),
  piecesEach: r.read('/piece/piecesEach', t.each, 'COUNT', ''),
  thicknessMeters: r.read('/piece/thicknessMeters', t.thickness, 'LENGTH', 'mm'),
  startCelsius: r.degrees('/piece/startCelsius', t.start),
  before: t.before.map((s, i) => ({
    medium: s.medium,
    mediumCelsius: r.degrees(`/piece/before/${i}/mediumCelsius`, s.heat),
    minutes: r.minutes(`/piece/before/${i}/minutes`, s.minutes),
  })),
  medium: t.medium,
  mediumCelsius: r.degrees('/piece/mediumCelsius', t.heat),
  coreCelsius: r.degrees('/piece/coreCelsius', t.core),
  // A reading counts once both of its fields are filled.
  readings: t.readings.filter(isFilled).map((one, i) => ({
    minutes: r.minutes(`/piece/readings/${i}/minutes`, one.minutes),
    coreCelsius: r.degrees(`/piece/readings/${i}/coreCelsius`, one.core),
  })),
});

const meantGoods = (t: GoodsText, r: Reader): NonNullable<BesideSheet['goods']> => ({
  ingredientId: t.ingredientId,
  massEachKilograms: r.read('/goods/massEachKilograms', t.each, 'MASS', 'g'),
  eachText: r.entered(t.each),
  overSauce: t.over,
  ...(t.neighbourId && { neighbourId: t.neighbourId }),
});

const meantTray = (t: TrayText, r: Reader): NonNullable<BesideSheet['tray']> => {
  const id = t.tray.slice(t.tray.indexOf(':') + 1);
  return {
    ...(t.tray.startsWith('vessel:') ? { vesselId: id } : { traySizeId: id }),
    trays: r.whole('/tray/trays', t.trays),
    sheetId: t.sheetId,
    sheetsMassKilograms: r.read('/tray/sheetsMassKilograms', t.sheetsMass, 'MASS', 'g'),
    layers: r.whole('/tray/layers', t.layers),
    fillings: t.fillings.map((f, i) => ({
      fillingId: f.fillingId,
      massKilograms: r.read(`/tray/fillings/${i}/massKilograms`, f.mass, 'MASS', 'g'),
    })),
    ovenCelsius: r.degrees('/tray/ovenCelsius', t.oven),
    fan: t.fan,
    coveredMinutes: r.minutes('/tray/coveredMinutes', t.covered),
    openMinutes: r.minutes('/tray/openMinutes', t.open),
    startCelsius: r.degrees('/tray/startCelsius', t.start),
    coreCelsius: r.degrees('/tray/coreCelsius', t.core),
  };
};
