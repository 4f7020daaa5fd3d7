import { ThemeProvider } from '@mui/material';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import type { BatchView, StageNote } from '../../api/client';
import { batch, kitchen, problem, show, standIn } from '../../test/stove';
import { theme } from '../../theme/theme';
import { stageNow } from './looks';
import { StageNoteSheet } from './StageNoteSheet';
import { Steps } from './Steps';

vi.mock('../../ui/shrunk', () => ({
  shrunk: (file: File) =>
    file.type === 'image/jpeg'
      ? Promise.resolve('c21hbGw=')
      : Promise.reject(new Error('no picture')),
}));
afterEach(() => vi.unstubAllGlobals());

const stage = (title: string, role: string, minutes: number) => ({
  title,
  role,
  seconds: minutes * 60,
  readyCue: 'a clean path',
  tooFarCue: 'sticks',
  how: '',
  caution: '',
  takeOuts: [],
  ...(role === 'REDUCE' ? { phase: 0 } : {}),
});
const sauce = {
  ...batch,
  timeScale: 1,
  startedAt: '2026-03-02T16:00:00Z',
  events: [],
  planned: {
    stages: [
      stage('Oil and garlic', 'PREPARE', 4),
      stage('Simmer', 'REDUCE', 0),
      stage('Finish', 'FINISH', 3),
    ],
  },
  forecast: {
    ...batch.forecast,
    simmerStartedAt: '2026-03-02T16:04:00Z',
    thickAt: '2026-03-02T18:00:00Z',
    workings: [],
  },
} as unknown as BatchView;
const looked = (id: string, of: string, note: string, photo = true): StageNote => ({
  id,
  batchId: 'before',
  stage: of,
  note,
  photo,
  notedAt: '2026-02-27T18:00:00Z',
  notedBy: 'kitchen',
});
const themed = (screenful: ReactNode) =>
  show(<ThemeProvider theme={theme}>{screenful}</ThemeProvider>);
const at = (time: string) => Date.parse(`2026-03-02T${time}:00Z`);

it('keeps the cue of the simmer in sight, with how it looked before', async () => {
  themed(
    <Steps
      batch={sauce}
      kitchen={kitchen}
      now={at('17:00')}
      earlier={[
        looked('a', 'Simmer', 'the trail stays open'),
        looked('b', 'Finish', 'glossy', false),
        looked('c', 'Roast', 'dark'),
      ]}
      onRead={vi.fn()}
      onFinish={vi.fn()}
    />,
  );
  const [simmer, finish] = screen.getAllByRole('listitem');
  expect(simmer).toHaveTextContent('19:00Simmer, doneready: a clean path');
  expect(finish).toHaveTextContent('glossy');
  expect(screen.queryByText(/dark/)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /Look closer: the trail stays open/ }));
  expect(await screen.findByRole('img', { name: /the trail stays open/ })).toHaveAttribute(
    'src',
    '/api/stage-notes/a/photo',
  );
});

it('asks for the stage that is on', () => {
  expect(stageNow(sauce, at('16:02'))).toBe('Oil and garlic');
  expect(stageNow(sauce, at('17:00'))).toBe('Simmer');
  expect(
    stageNow({ ...sauce, end: { endedAt: '2026-03-02T18:00:00Z' } } as BatchView, at('19:00')),
  ).toBe('Finish');
});

it('sends words and a photo made small, and keeps both when it is refused', async () => {
  const asked = standIn(
    problem(422, '/photoBase64', 'This file cannot be taken as a photo.', 'Take another.'),
  );
  const close = vi.fn();
  themed(<StageNoteSheet batch={sauce} stage="Simmer" onClose={close} />);
  expect(screen.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await userEvent.upload(
    screen.getByLabelText('Photo'),
    new File(['x'], 'pot.jpg', { type: 'image/jpeg' }),
  );
  expect(
    await screen.findByRole('img', { name: 'The photo as it will be kept' }),
  ).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('What to see, smell or hear'), 'it plops');
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('cannot be taken as a photo');
  expect(screen.getByLabelText('What to see, smell or hear')).toHaveValue('it plops');
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked[1]).toMatchObject({
    path: '/api/stage-notes',
    body: { batchId: 'b1', stage: 'Simmer', note: 'it plops', photoBase64: 'c21hbGw=' },
  });
});

it('says so where a file is no picture', async () => {
  themed(<StageNoteSheet batch={sauce} stage="Simmer" onClose={vi.fn()} />);
  await userEvent.upload(
    screen.getByLabelText('Photo'),
    new File(['x'], 'pot.heic', { type: 'image/heic' }),
  );
  expect(await screen.findByRole('alert')).toHaveTextContent('Take another, or write a note');
});
