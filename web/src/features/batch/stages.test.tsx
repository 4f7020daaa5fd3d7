import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { BatchView, StageView } from '../../api/client';
import { kitchen, server, standIn } from '../../test/stove';
import { ComeOver } from './ComeOver';
import { FinishSheet } from './FinishSheet';
import { Steps } from './Steps';
import { ragu, stage, themed } from './steps.fixtures';
import { heatNow, phaseNow } from './steps';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

const step = (key: string, kind: string, what: string, at: string, done = false) => ({
  key,
  kind,
  what,
  at,
  done,
  detail: kind === 'PHASE' ? 'lid off, lively' : '',
  kilograms: 0,
  line: -1,
});
const heat = (at: string, way: string, lid: string) => ({ at, way, lid, fan: false });
const shells = {
  ...ragu,
  simmerConfirmed: true,
  planned: {
    stages: [
      { ...stage('Covered', 'REDUCE', 20), how: 'lid on, gentle' },
      {
        ...stage('Reduce', 'REDUCE', 18),
        phase: 1,
        caution: 'it spits',
        takeOuts: ['bay leaf'],
        readyCue: '',
        tooFarCue: 'salty',
      },
    ],
  },
  forecast: {
    ...ragu.forecast,
    simmerStartedAt: '2026-03-02T16:00:00Z',
    lines: [
      {
        stage: 'Reduce',
        name: 'Butter',
        dueKilograms: 0.02,
        offeredKilograms: 0.025,
        later: false,
        poured: false,
      },
      { stage: 'Reduce', name: 'Milk', dueKilograms: 0.1, later: true, poured: false },
    ],
    steps: [
      step('move-0-0', 'OUT', 'Out: langoustines', '2026-03-02T16:30:00Z'),
      step('phase-1', 'PHASE', 'Reduce', '2026-03-02T16:30:00Z'),
      {
        ...step('line-3', 'ADD', 'White wine', '2026-03-02T16:32:00Z'),
        kilograms: 0.1,
        offeredKilograms: 0.12,
        line: 3,
      },
    ],
    heats: [
      heat('2026-03-02T16:00:00Z', 'GENTLE', 'ON'),
      heat('2026-03-02T16:30:00Z', 'LIVELY', 'OFF'),
    ],
  },
} as unknown as BatchView;
const at = (hour: string) => Date.parse(`2026-03-02T${hour}:00Z`);

const steps = (now: number) =>
  themed(
    <Steps
      batch={shells}
      kitchen={kitchen}
      now={now}
      earlier={[]}
      onRead={vi.fn()}
      onFinish={vi.fn()}
    />,
  );

it('knows the phase and the heat of each moment', () => {
  expect(phaseNow(shells, at('16:20'))).toBe(0);
  expect(phaseNow(shells, at('16:31'))).toBe(1);
  expect(heatNow(shells, at('16:20'))).toMatchObject({ lid: 'ON', heating: { way: 'GENTLE' } });
  expect(heatNow(shells, at('16:31'))).toMatchObject({ lid: 'OFF', heating: { way: 'LIVELY' } });
  const old = { ...shells, forecast: { ...shells.forecast, heats: [] } };
  expect(heatNow(old, at('16:31'))).toBe(old.pot);
});

it('shows the next stage with its amounts, and its caution', () => {
  steps(at('16:20'));
  const reduce = screen
    .getAllByRole('listitem')
    .find((item) => item.textContent.startsWith('17:30Reduce'));
  expect(reduce).toHaveTextContent('lid off, lively · too far: salty');
  expect(reduce).toHaveTextContent('20 g butter (or 25 g)');
  expect(reduce).not.toHaveTextContent('milk');
  expect(reduce).toHaveTextContent('Mind: it spits');
  expect(reduce).not.toHaveTextContent('take out');
});

it('offers as much more as the pot holds, and pours what the cook presses', async () => {
  const asked = standIn();
  steps(at('16:31'));
  expect(screen.getByText('Add 100 g white wine')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: '120 g of white wine is in instead' }));
  await waitFor(() =>
    expect(asked.find((a) => a.path.endsWith('/pours'))?.body).toMatchObject({
      line: 3,
      massKilograms: 0.12,
    }),
  );
});

it('ticks pieces that are out, and a stage that has begun', async () => {
  const asked = standIn();
  steps(at('16:31'));
  await userEvent.click(screen.getByRole('button', { name: 'Out: langoustines: done' }));
  await userEvent.click(screen.getByRole('button', { name: 'Reduce: done' }));
  await waitFor(() =>
    expect(asked.map((a) => (a.body as { step?: string }).step)).toEqual(['move-0-0', 'phase-1']),
  );
});

it('says at the end what nobody has taken out', async () => {
  const picks = {
    ...shells,
    forecast: {
      ...shells.forecast,
      steps: [
        step('takeout-2-0', 'TAKE_OUT', 'Take out: 24 toothpicks', '2026-03-02T16:50:00Z'),
        step('takeout-3-0', 'TAKE_OUT', 'Take out: 1 × bay leaf', '2026-03-02T16:50:00Z', true),
      ],
    },
  } as unknown as BatchView;
  themed(<FinishSheet batch={picks} kitchen={kitchen} onClose={vi.fn()} />);
  expect(await screen.findByText(/24 toothpicks: nobody has said that it is out/)).toBeVisible();
  expect(screen.queryByText(/bay leaf/)).toBeNull();
});

it('asks before it is stopped what is not in yet, and pours what is in after all', async () => {
  const milk = { line: 5, name: 'Whole milk', massKilograms: 0.25 };
  const rest = { name: 'Table salt', massKilograms: 0.004 };
  const asked = standIn();
  server.use(
    http.get('*/api/batches/*/stopping', () =>
      HttpResponse.json({ from: 'Simmer', stages: ['Simmer'], lines: [milk, rest] }),
    ),
  );
  themed(<FinishSheet batch={shells} kitchen={kitchen} onClose={vi.fn()} />);
  await userEvent.click(screen.getByLabelText('Not done: it goes on another day'));
  const list = await screen.findByRole('region', { name: 'Not in yet' });
  expect(within(list).getByText('250 g')).toBeInTheDocument();
  expect(within(list).queryByRole('button', { name: /Table salt/ })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Whole milk is in already' }));
  await waitFor(() =>
    expect(asked.find((a) => a.path.endsWith('/pours'))?.body).toMatchObject({
      line: 5,
      massKilograms: 0.25,
    }),
  );
});

it('weighs over what a pan beside the pot has made', async () => {
  const asked = standIn();
  const pan = {
    ...stage('Mushrooms', 'PREPARE', 10),
    beside: true,
  } as unknown as StageView;
  const batch = {
    ...shells,
    planned: { ...shells.planned, stages: [pan] },
  } as unknown as BatchView;
  themed(<ComeOver stage={pan} batch={batch} kitchen={kitchen} />);
  await userEvent.click(screen.getByRole('button', { name: 'Weigh what comes over: Mushrooms' }));
  await userEvent.type(await screen.findByLabelText('Out of the pan, with its liquor'), '310');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(asked.find((a) => a.path.endsWith('/come-overs'))?.body).toMatchObject({
      stage: 0,
      massKilograms: 0.31,
    }),
  );
});
