import type { Work } from './lanes';

/** A work as a cook calls it. */
export const named = (w: Work): string => `${w.task.name}, ${w.task.what}`;
