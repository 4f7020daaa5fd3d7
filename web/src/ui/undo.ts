import { createContext, useContext } from 'react';

/**
 * A way back from what was just written, for as long as the server takes it.
 * @property words what was done
 * @property acts what is taken back, the last first
 * @property onBack where to go then
 */
export interface WayBack {
  words: string;
  acts: Act[];
  onBack: () => void;
}

/** @property eventId the batch itself for its lighting, or the entry that ended it */
interface Act {
  batchId: string;
  eventId: string;
}

export const UndoContext = createContext<(way: WayBack) => void>(() => undefined);
/** Offers a way back on whatever page comes next. */
export const useUndo = (): ((way: WayBack) => void) => useContext(UndoContext);
