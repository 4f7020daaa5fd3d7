import type { FormulaSheet, LineSheet, StageSheet } from '../../api/client';
import type { Goods } from '../../api/goods';
import { parseQuantity } from '../../quantities';
import { courseSheetOf } from './course';
import { enteredOf, massOf, type MeasuresOf } from './amounts';
import type { Draft, DraftLine, DraftStage, Faults } from './draft';

interface Reading {
  pantry: ReadonlyMap<string, Goods>;
  measures: MeasuresOf;
  faults: Map<string, string>;
}

/** The sheet that a draft means, and what is wrong with its fields by pointer. */
export function sheetOf(
  draft: Draft,
  pantry: ReadonlyMap<string, Goods>,
  measures: MeasuresOf,
): { sheet: FormulaSheet | undefined; faults: Faults } {
  const faults = new Map<string, string>();
  const of = { pantry, measures, faults };
  const stages = draft.stages.map((stage, i) => stageOf(stage, `/stages/${i}`, of));
  const target = draft.target.trim()
    ? number(draft.target, 'SHARE', '%', '/targetSolidsFraction', 0, faults)
    : undefined;
  const piece = pieceOf(draft, faults);
  if (faults.size > 0) return { faults, sheet: undefined };
  return {
    faults,
    sheet: {
      name: draft.name,
      inShort: draft.inShort,
      family: draft.family,
      uses: draft.uses,
      choices: draft.choices,
      ...(target === undefined ? {} : { targetSolidsFraction: target }),
      targetText: draft.target.trim(),
      ...(piece ? { piece } : {}),
      stages,
    },
  };
}

/** By what it is counted: only where both are said. */
function pieceOf(
  { pieceName, pieceMass }: Draft,
  faults: Map<string, string>,
): FormulaSheet['piece'] {
  const [name, massText] = [pieceName.trim(), pieceMass.trim()];
  if (!name && !massText) return undefined;
  const mass = parseQuantity(massText, 'MASS', 'g');
  if (!name) faults.set('/piece/name', 'Type what it is counted by, as ball.');
  if (mass.outcome !== 'understood') faults.set('/piece/massKilograms', mass.message);
  return { name, massText, massKilograms: mass.outcome === 'understood' ? mass.value : 0 };
}

function stageOf(stage: DraftStage, at: string, of: Reading): StageSheet {
  const { title, role, technique, heat, lid, ready, tooFar, thenDo, caution, pause } = stage;
  const { faults } = of;
  const celsius =
    heat === 'OVEN'
      ? number(stage.oven, 'TEMPERATURE', 'c', `${at}/ovenCelsius`, 180, faults)
      : undefined;
  return {
    title,
    role,
    technique,
    heat,
    lid,
    ready,
    tooFar,
    thenDo,
    caution,
    pause,
    minutes: minutes(stage.minutes, `${at}/minutes`, faults),
    driedFraction: number(stage.dried, 'SHARE', '%', `${at}/driedFraction`, 0, faults),
    ...(celsius === undefined ? {} : { ovenCelsius: celsius }),
    ...(celsius !== undefined && stage.fan ? { ovenFan: true } : {}),
    ...(heat === 'BURNER'
      ? { burnerShare: number(stage.burner, 'SHARE', '%', `${at}/burnerShare`, 0.5, faults) }
      : {}),
    course: courseSheetOf(stage, `${at}/course`, faults, (text, kind, pointer, none) =>
      number(text, kind, kind === 'SHARE' ? '%' : 'min', pointer, none, faults),
    ),
    ...(stage.unread.length > 0 ? { unread: stage.unread } : {}),
    takeOuts: stage.takeOut
      .split(';')
      .map((t) => t.trim())
      .filter(Boolean),
    ...(stage.school ? { school: stage.school } : {}),
    lines: stage.lines.flatMap((l, j) => lineSheetOf(l, `${at}/lines/${j}`, of)),
  };
}

/** A line that is begun; an empty one says nothing. */
function lineSheetOf(l: DraftLine, at: string, { pantry, measures, faults }: Reading): LineSheet[] {
  if (!l.amount.trim() && !l.ingredientId) return [];
  const mass = massOf(l, pantry.get(l.ingredientId), measures);
  if (!l.ingredientId) faults.set(`${at}/ingredientId`, 'Choose what it is.');
  if (mass === undefined) faults.set(`${at}/massKilograms`, notAnAmount(l.amount));
  return [
    {
      ingredientId: l.ingredientId,
      massKilograms: mass ?? 0,
      entered: enteredOf(l),
      afterMinutes: minutes(l.after, `${at}/afterMinutes`, faults),
      note: l.note,
      firstDoseFraction: number(l.first, 'SHARE', '%', `${at}/firstDoseFraction`, 1, faults),
      ...(l.school ? { school: l.school } : {}),
    },
  ];
}

const minutes = (text: string, at: string, faults: Map<string, string>): number =>
  number(text, 'DURATION', 'min', at, 0, faults) / 60;

const notAnAmount = (text: string) =>
  /^\s*[\d.,/]+\s*$/.test(text)
    ? `Grams or pieces? Type ${text.trim()} g or ${text.trim()} pieces.`
    : 'Type a weight, a spoon measure or pieces, as 250 g, 2 tbsp, 3 cloves.';

function number(
  text: string,
  kind: 'SHARE' | 'DURATION' | 'TEMPERATURE',
  own: string,
  at: string,
  none: number,
  faults: Map<string, string>,
): number {
  if (!text.trim()) return none;
  const read = parseQuantity(text, kind, own);
  if (read.outcome === 'understood') return read.value;
  faults.set(at, read.message);
  return none;
}
