import { createContext, useContext } from 'react';

/**
 * A way back from what was just written, for as long as the server takes it.
 * @property words what was done
 * @property eventId what is taken back: the batch for its lighting, or the entry that ended it
 * @property onBack where to go then
 */
export interface WayBack { words: string; batchId: string; eventId: string; onBack: () => void }

export const UndoContext = createContext<(way: WayBack) => void>(() => undefined);
/** Offers a way back on whatever page comes next. */
export const useUndo = (): ((way: WayBack) => void) => useContext(UndoContext);
