import { createContext, useContext } from 'react';
import type { Influence, Working } from '../api/client';

/** Opens the working behind a figure; `influences` is asked for only when the cook wants it. */
export type OpenWorking = (
  working: Working,
  title: string,
  influences?: () => Promise<Influence[]>,
) => void;

export const WorkingContext = createContext<OpenWorking>(() => undefined);
export const useWorking = (): OpenWorking => useContext(WorkingContext);
