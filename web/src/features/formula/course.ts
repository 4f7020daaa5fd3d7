import type { CourseSheet } from '../../api/client';
import { newId } from '../../api/client';
import { parseQuantity, type Understanding } from '../../quantities';

/** What ends a stage, as it is chosen; one that goes down to something says to what. */
export type Ends = 'UNSAID' | 'THICK' | 'MINUTES' | 'CUE' | 'ALL_IN' | 'DOWN_TO';
/** Pieces that go out or come back, as they are typed. */
export interface DraftMove {
  key: string;
  way: CourseSheet['moves'][number]['way'];
  ingredientId: string;
  share: string;
  after: string;
}
/** How a stage goes, raw. */
export interface DraftCourse {
  vessel: CourseSheet['vessel'];
  ends: Ends;
  until: string;
  hands: string;
  tools: string;
  moves: DraftMove[];
}
export const PLAIN_COURSE: DraftCourse = {
  vessel: 'POT',
  ends: 'UNSAID',
  until: '',
  hands: '',
  tools: '',
  moves: [],
};
export const newMove = (of: Partial<DraftMove> = {}): DraftMove => ({
  key: newId(),
  way: 'OUT',
  ingredientId: '',
  share: '',
  after: '',
  ...of,
});

const figure = (value: number, unit: string) => `${Number(value.toPrecision(6))} ${unit}`;
const UNTIL: Partial<Record<CourseSheet['end'], (value: number) => string>> = {
  SOLIDS: (share) => figure(share * 100, '%'),
  MASS: (kilograms) => figure(kilograms * 1000, 'g'),
  VOLUME: (cubicMeters) => figure(cubicMeters * 1e6, 'ml'),
  DEPTH: (meters) => figure(meters * 1000, 'mm'),
  TEMPERATURE: (celsius) => figure(celsius, '°C'),
};

export function courseOf(sheet: CourseSheet | undefined): DraftCourse {
  if (!sheet) return PLAIN_COURSE;
  const until = UNTIL[sheet.end];
  return {
    vessel: sheet.vessel,
    ends: until ? 'DOWN_TO' : (sheet.end as Ends),
    until: sheet.endText || (until ? until(sheet.endValue ?? 0) : ''),
    hands: sheet.handsMinutes === undefined ? '' : `${sheet.handsMinutes} min`,
    tools: sheet.tools.join('; '),
    moves: sheet.moves.map((m) =>
      newMove({
        way: m.way,
        ingredientId: m.ingredientId,
        share: m.shareFraction < 1 ? figure(m.shareFraction * 100, '%') : '',
        after: m.afterMinutes === undefined ? '' : `${m.afterMinutes} min`,
      }),
    ),
  };
}

const KINDS = [
  ['VOLUME', 'VOLUME', ''],
  ['MASS', 'MASS', ''],
  ['LENGTH', 'DEPTH', ''],
  ['TEMPERATURE', 'TEMPERATURE', ''],
  ['SHARE', 'SOLIDS', ''],
] as const;

/** Down to what, told by its unit: a measure, a weight, a depth, a warmth or a thickness. */
export function untilOf(
  text: string,
): { end: CourseSheet['end']; value: number; entered: string } | undefined {
  for (const [kind, end, own] of KINDS) {
    const read: Understanding = parseQuantity(text, kind, own);
    if (read.outcome === 'understood') return { end, value: read.value, entered: read.entered };
  }
  return undefined;
}

type Told = (text: string, kind: 'SHARE' | 'DURATION', at: string, none: number) => number;

/** The sheet of it; what is wrong is told to its field. */
export function courseSheetOf(
  stage: DraftCourse,
  at: string,
  faults: Map<string, string>,
  number: Told,
): CourseSheet {
  const down = stage.ends === 'DOWN_TO' ? untilOf(stage.until) : undefined;
  if (stage.ends === 'DOWN_TO' && !down)
    faults.set(`${at}/endValue`, 'Type it with its unit, as 1 cup, 900 g, 2 cm, 80 °C or 9 %.');
  return {
    vessel: stage.vessel,
    end: stage.ends === 'DOWN_TO' ? (down?.end ?? 'UNSAID') : stage.ends,
    ...(down ? { endValue: down.value } : {}),
    endText: down ? down.entered : '',
    ...(stage.hands.trim()
      ? { handsMinutes: number(stage.hands, 'DURATION', `${at}/handsMinutes`, 0) / 60 }
      : {}),
    tools: stage.tools
      .split(';')
      .map((t) => t.trim())
      .filter(Boolean),
    moves: stage.moves.map((m, i) => {
      if (!m.ingredientId) faults.set(`${at}/moves/${i}/ingredientId`, 'Choose which pieces.');
      return {
        way: m.way,
        ingredientId: m.ingredientId,
        shareFraction: number(m.share, 'SHARE', `${at}/moves/${i}/shareFraction`, 1),
        ...(m.after.trim()
          ? { afterMinutes: number(m.after, 'DURATION', `${at}/moves/${i}/afterMinutes`, 0) / 60 }
          : {}),
      };
    }),
  };
}
