import type { FormulaView } from '../../api/client';
import { show, type Units } from '../../quantities';

type Stage = FormulaView['stages'][number];

export const HEATS: Record<Stage['heat'], string> = {
  OFF: 'no heat',
  LOW: 'low',
  MEDIUM: 'medium',
  HIGH: 'high',
  BARE: 'bare simmer',
  GENTLE: 'gentle simmer',
  LIVELY: 'lively simmer',
  ROLLING: 'rolling boil',
  OVEN: 'oven',
  BURNER: 'burner set',
};
export const VESSELS: Record<Stage['course']['vessel'], string> = {
  POT: 'the pot of the sauce',
  PAN: 'a pan beside it',
  TRAY: 'a tray',
  BOWL: 'a bowl',
};
export const LID_WORDS: Record<Stage['lid'], string> = {
  OFF: 'open',
  AJAR: 'lid ajar',
  ON: 'lid on',
};
export const USES: Record<FormulaView['uses'][number], string> = {
  DRY_PASTA: 'dry pasta',
  FRESH_PASTA: 'fresh pasta',
  LAYERS: 'layers',
  BAKE: 'baking round a protein',
  POACH: 'cooking a protein in it',
  SPREAD: 'spreading',
  FREEZE: 'the freezer',
  PART: 'use in a dish',
};

/** How hot a stage is, in one breath. */
export function heatOf(
  stage: Pick<Stage, 'heat' | 'lid' | 'ovenCelsius' | 'ovenFan' | 'burnerShare'>,
  units: Units,
): string {
  const oven =
    stage.ovenCelsius === undefined
      ? stage.burnerShare === undefined
        ? ''
        : ` to ${Math.round(stage.burnerShare * 100)} %`
      : ` ${show.text(show.temperature(stage.ovenCelsius, units, 0))}${stage.ovenFan ? ', fan' : ''}`;
  return stage.heat === 'OFF'
    ? HEATS.OFF
    : `${HEATS[stage.heat]}${oven}${stage.lid === 'OFF' ? '' : `, ${LID_WORDS[stage.lid]}`}`;
}
