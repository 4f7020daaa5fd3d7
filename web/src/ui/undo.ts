import { createContext, useContext } from 'react';
import type { Back } from '../api/outbox';

/**
 * A way back from what was just written, for as long as the server takes it.
 * @property words what was done
 * @property acts what is taken back, the last first
 * @property onBack what follows then
 */
export interface WayBack {
  words: string;
  acts: Back[];
  onBack?: () => void;
}

export const UndoContext = createContext<(way: WayBack) => void>(() => undefined);
/** Offers a way back on whatever page comes next. */
export const useUndo = (): ((way: WayBack) => void) => useContext(UndoContext);
