import type { AlternativeView } from '../../api/client';
import { show } from '../../quantities';
import { shareOf, solidsText, type PlanForm } from './form';

/** The pot that is planned with, and for how many. */
export type Here = { vesselId: string; covers: number } | undefined;

/** What gives way, where nothing makes it in time as it is wanted. */
export const GIVES: Partial<Record<AlternativeView['kind'], string>> = {
  THINNER: 'the thickness',
  FEWER: 'the number',
  LATER_HOUR: 'the hour',
};

/** What the form holds can be chosen at once; paste and water are the cook's to add. */
export function chosenBy(
  way: AlternativeView,
  zone: string,
  here: Here,
): Partial<PlanForm> | undefined {
  switch (way.kind) {
    case 'LEVEL':
      return { way: way.heating.way };
    case 'LID':
      return { lid: way.lid };
    case 'POT':
      return { vesselId: way.vesselId };
    case 'SPLIT':
      return here ? halves(way, here) : undefined;
    case 'THINNER':
      return way.targetSolidsFraction === undefined
        ? undefined
        : { target: solidsText(way.targetSolidsFraction) };
    case 'FEWER':
      return { sizedBy: 'COVERS', covers: String(way.covers) };
    case 'LATER_HOUR':
      return { readyBy: show.hour(way.readyBy, zone) };
    default:
      return undefined;
  }
}

/** Two pots of one batch, this one first. */
function halves(way: AlternativeView, here: NonNullable<Here>): Partial<PlanForm> | undefined {
  const more = Math.ceil(here.covers / 2);
  const first = { vesselId: here.vesselId, covers: more, lit: false };
  const other = { vesselId: way.vesselId, covers: here.covers - more, lit: false };
  return here.covers < 2 ? undefined : shareOf([first, other], first);
}
