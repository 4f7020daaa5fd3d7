import type { KitchenView, ServingTables } from '../../../api/client';
import type { BesideText } from './besideText';

/** What the fields of anything that goes with a dish are given. */
export interface FieldProps {
  beside: BesideText;
  tables: ServingTables;
  kitchen: KitchenView;
  change: (to: Partial<BesideText>) => void;
  faultAt: (field: string) => string | undefined;
}
