import { createContext, useContext } from 'react';

/**
 * A way back from what was just written, for as long as the server takes it.
 * @property words what was done
 * @property acts what is taken back, the last first
 * @property onBack what follows then
 */
export interface WayBack {
  words: string;
  acts: Act[];
  onBack?: () => void;
}

/**
 * @property of what was written about
 * @property id the pot, or what is kept
 * @property by beginnings and ends are taken back, entries between them struck out
 * @property eventId the batch itself for its lighting, or the entry
 */
interface Act {
  of: 'batches' | 'keepings';
  id: string;
  by: '/take-backs' | '/strike-outs';
  eventId: string;
}

export const UndoContext = createContext<(way: WayBack) => void>(() => undefined);
/** Offers a way back on whatever page comes next. */
export const useUndo = (): ((way: WayBack) => void) => useContext(UndoContext);
