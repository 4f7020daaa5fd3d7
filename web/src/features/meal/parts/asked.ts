import { parseQuantity, type Kind } from '../../../quantities';

/** A text that may be left empty: no value then, and none where it is not understood. */
export interface Asked {
  value: number | undefined;
  fault: string | undefined;
}

/** What a field says: nothing typed asks for it. */
export function asked(text: string, kind: Kind, unit: string): Asked {
  if (!text.trim()) return { value: undefined, fault: undefined };
  const read = parseQuantity(text, kind, unit);
  return read.outcome === 'understood'
    ? { value: read.value, fault: undefined }
    : { value: undefined, fault: read.message };
}

/** Only what has a value. */
export function known<K extends string>(fields: Record<K, Asked>): Partial<Record<K, number>> {
  const some: Partial<Record<K, number>> = {};
  for (const key of Object.keys(fields) as K[]) {
    const { value } = fields[key];
    if (value !== undefined) some[key] = value;
  }
  return some;
}

/** Whether any field is not understood. */
export const hasFault = (fields: Record<string, Asked>): boolean =>
  Object.values(fields).some((f) => f.fault !== undefined);
