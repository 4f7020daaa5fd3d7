import { ThemeProvider } from '@mui/material';
import type { BatchView } from '../../api/client';
import { batch, kitchen, show } from '../../test/stove';
import { theme } from '../../theme/theme';

export const stage = (title: string, role: string, minutes: number, loads?: object) => ({
  title,
  role,
  seconds: minutes * 60,
  readyCue: 'brown',
  tooFarCue: 'black',
  how: '',
  caution: '',
  takeOuts: [],
  ...(role === 'REDUCE' ? { phase: 0 } : {}),
  ...(loads ? { loads } : {}),
});
export const due = (key: string, at: string, over?: string) => ({
  key: `b1/${key}`,
  at,
  ...(over ? { over } : {}),
});
export const ragu = {
  ...batch,
  tasks: [
    due('stage-0', '2026-03-02T16:00:00Z', '2026-03-02T16:14:00Z'),
    due('stage-1', '2026-03-02T16:14:00Z', '2026-03-02T16:35:00Z'),
    due('simmer', '2026-03-02T16:35:00Z'),
  ],
  timeScale: 1,
  startedAt: '2026-03-02T16:00:00Z',
  events: [],
  planned: {
    stages: [
      stage('Soffritto', 'PREPARE', 14),
      stage('Brown the meat', 'PREPARE', 21, { count: 3, eachKilograms: 0.51 }),
      stage('Simmer', 'REDUCE', 0),
      stage('Finish', 'FINISH', 3),
    ],
  },
  forecast: {
    ...batch.forecast,
    likely: [],
    simmerStartedAt: '2026-03-02T16:35:00Z',
    thickAt: '2026-03-02T18:00:00Z',
    workings: [],
  },
} as unknown as BatchView;
export const measured = {
  ...kitchen,
  measures: [
    { id: 'm', name: 'ladle', massKilograms: 0.13, massText: '', retired: false, version: 1 },
  ],
};
export const themed = (screenOf: React.ReactNode) =>
  show(<ThemeProvider theme={theme}>{screenOf}</ThemeProvider>);
