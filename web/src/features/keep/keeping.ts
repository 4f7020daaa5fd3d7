import type { HoldView, KeepingView } from '../../api/client';
import type { Units } from '../../quantities';
import { degrees, ofCooling, ofHold, ofSetOut, standing, type Says } from './words';

/** What cannot be eaten any more, whatever is done. */
export const isLost = ({ cooling, hold, setOut }: KeepingView): boolean =>
  cooling?.action === 'DISCARD' || hold?.state === 'DISCARD' || setOut?.state === 'DISCARD';

/** What does not make it as it stands. */
export const wantsFaster = ({ cooling }: KeepingView): boolean =>
  cooling?.action === 'COOL_FASTER' || cooling?.action === 'COOL_FASTER_OR_REHEAT';

/** What something kept says, by what it is. */
export function says(k: KeepingView, now: number, zone: string, units: Units): Says | undefined {
  const lastRead = k.entries.findLast((e) => e.celsius !== undefined && !e.struckOut)?.celsius;
  if (k.cooling) return ofCooling(k.cooling, now, units);
  if (k.hold) return ofHold(k.hold, lastRead, zone, units);
  return k.setOut && ofSetOut(k.setOut, now, zone, units);
}

const LIDS: Record<HoldView['lid'], string> = { ON: 'lid on', AJAR: 'lid ajar', OFF: 'lid off' };

/** How it stands there. */
export function how({ cooling, hold, setOut }: KeepingView, units: Units): string {
  if (cooling) return standing(cooling.setup, units);
  if (hold) return `${hold.vessel}, ${LIDS[hold.lid]}, held at ${degrees(hold.heldCelsius, units)}`;
  return setOut ? `left out at ${degrees(setOut.startCelsius, units)}` : '';
}
