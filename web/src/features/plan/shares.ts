import type { ShareView } from '../../api/client';
import type { PotShare } from './form';

/** A share as the form keeps it in mind. */
export const kept = (s: ShareView): PotShare => ({
  vesselId: s.vesselId,
  covers: Math.round(s.covers),
  lit: false,
});
