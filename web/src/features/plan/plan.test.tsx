import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { AlternativeView, PlanPreview, PlanView, TaskView, WaysView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { Choices } from '../../ui/Choices';
import { InTheWay } from './InTheWay';
import { OtherWays } from './OtherWays';
import { useLastTime } from './useLastTime';
import { Work } from './Work';

afterEach(() => vi.unstubAllGlobals());

const way = (kind: AlternativeView['kind'], what: string, minutes: number): AlternativeView => ({
  kind,
  what,
  cost: 'some cost',
  simmerSeconds: minutes * 60,
  thickAt: new Date(Date.parse('2026-03-02T16:00:00Z') + minutes * 60_000).toISOString(),
  vesselId: 'wide',
  heating: { way: 'ROLLING', fan: false },
  lid: 'OFF',
  amountKilograms: 0,
  covers: 22,
  targetSolidsFraction: 0.096,
  readyBy: '2026-03-02T18:40:00Z',
});
const here = { vesselId: 'rondeau', covers: 22 };
const hours = (spareAtWorstSeconds: number) =>
  ({ spareAtWorstSeconds }) as unknown as PlanView['hours'];
const ways = (sooner: AlternativeView[], later: AlternativeView[] = []) =>
  ({ sooner, later, working: { figure: 'otherWays', terms: [] } }) as unknown as WaysView;
const plan = {
  workings: [{ figure: 'preparation' }],
  stages: [
    { title: 'Soffritto', role: 'PREPARE', seconds: 840 },
    {
      title: 'Brown the meat',
      role: 'PREPARE',
      seconds: 1260,
      loads: { count: 3, eachKilograms: 0.51 },
    },
    { title: 'Simmer', role: 'REDUCE', seconds: 0 },
  ],
} as unknown as PlanView;

it('offers each kind of way before a second of one kind, and plans the one that is pressed', async () => {
  const change = vi.fn();
  const all = [
    way('LEVEL', 'rolling', 60),
    way('LEVEL', 'lively', 65),
    way('LEVEL', 'gentle', 68),
    way('POT', 'in the Wide pan', 50),
    way('PASTE', '600 g more paste', 55),
    way('SPLIT', 'half in the Stockpot', 40),
  ];
  show(<OtherWays hours={hours(240)} ways={ways(all)} zone="UTC" change={change} here={here} />);
  const sooner = within(screen.getByRole('region', { name: 'Sooner?' }));
  expect(sooner.queryByText('lively')).not.toBeInTheDocument();
  expect(sooner.getByText('16:40')).toBeInTheDocument();
  await userEvent.click(
    sooner.getByRole('button', { name: /^in the Wide pan, thick enough 16:50/ }),
  );
  expect(change).toHaveBeenCalledWith({ vesselId: 'wide' });
  await userEvent.click(sooner.getByRole('button', { name: /^rolling/ }));
  expect(change).toHaveBeenLastCalledWith({ way: 'ROLLING' });
  await userEvent.click(sooner.getByRole('button', { name: /^half in the Stockpot/ }));
  expect(change).toHaveBeenLastCalledWith({
    sizedBy: 'COVERS',
    covers: '11',
    vesselId: 'rondeau',
    shares: [
      { vesselId: 'rondeau', covers: 11, lit: false },
      { vesselId: 'wide', covers: 11, lit: false },
    ],
  });
  expect(sooner.queryByRole('button', { name: /paste/ })).not.toBeInTheDocument();
});

it('asks for time where it is late, and then offers nothing later', () => {
  show(
    <OtherWays
      hours={hours(-600)}
      ways={ways([way('LID', 'lid off', 50)], [way('LEVEL', 'gentle', 120)])}
      zone="UTC"
      change={vi.fn()}
      here={here}
    />,
  );
  expect(screen.getByRole('region', { name: 'In time?' })).toBeInTheDocument();
  expect(screen.queryByText(/gentle/)).not.toBeInTheDocument();
});

it('says what gives where nothing else is in time, and plans it', async () => {
  const change = vi.fn();
  show(
    <OtherWays
      hours={hours(-600)}
      ways={ways([
        way('THINNER', '9.6 % solids', 30),
        way('FEWER', 'for 22', 30),
        way('LATER_HOUR', 'eat 40 min later', 50),
      ])}
      zone="UTC"
      change={change}
      here={here}
    />,
  );
  const gives = within(screen.getByRole('region', { name: 'What gives?' }));
  await userEvent.click(gives.getByRole('button', { name: /^9.6 % solids/ }));
  expect(change).toHaveBeenLastCalledWith({ target: '9.6 %' });
  await userEvent.click(gives.getByRole('button', { name: /^for 22/ }));
  expect(change).toHaveBeenLastCalledWith({ sizedBy: 'COVERS', covers: '22' });
  await userEvent.click(gives.getByRole('button', { name: /^eat 40 min later/ }));
  expect(change).toHaveBeenLastCalledWith({ readyBy: '18:40' });
});

it('has no empty heading where there is no other way', () => {
  const { container } = show(
    <OtherWays hours={hours(240)} ways={ways([])} zone="UTC" change={vi.fn()} here={here} />,
  );
  expect(container).toBeEmptyDOMElement();
});

const task = (
  key: string,
  kind: TaskView['kind'],
  what: string,
  at: string,
  minutes: number,
  to: Partial<TaskView> = {},
) =>
  ({
    key: `ragu/${key}`,
    kind,
    what,
    at,
    hands: { likelySeconds: minutes * 60 },
    unattended: { likelySeconds: 0 },
    needs: [],
    ...to,
  }) as unknown as TaskView;
const board = { needs: [{ holds: 'TOOL' as const, name: 'board' }] };
const work = {
  plan: { ...plan, hours: {} },
  tasks: [
    task('prep-onion', 'PREP', 'onion: fine dice', '2026-03-02T15:30:00Z', 6, {
      massKilograms: 0.2,
      ...board,
    }),
    task('prep-carrot', 'PREP', 'carrot: fine dice', '2026-03-02T15:36:00Z', 5, {
      massKilograms: 0.15,
      ...board,
    }),
    task('early-porcini', 'BEGIN_EARLY', 'dried porcini: soaked', '2026-03-02T15:10:00Z', 3),
    task('light', 'LIGHT', 'light it', '2026-03-02T15:41:00Z', 1, {
      needs: [
        { holds: 'VESSEL', name: 'Rondeau' },
        { holds: 'BURNER', name: 'Gas' },
      ],
    }),
    task('stage-1', 'STAGE', 'brown the meat', '2026-03-02T15:55:00Z', 21),
  ],
} as unknown as PlanPreview;

it('tells the work by the clock, with what is cut on one board, with pot and burner, loads and minutes', () => {
  const { rerender } = show(
    <Work preview={work} units="METRIC" zone="UTC" now={Date.parse('2026-03-02T15:00:00Z')} />,
  );
  expect(screen.queryByText(/should have begun/)).not.toBeInTheDocument();
  expect(screen.getByRole('heading')).toHaveTextContent('The work, 36 min of hands');
  expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
    '15:10dried porcini: soaked 3 min',
    '15:30board onion: fine dice, 200 g; carrot: fine dice, 150 g11 min',
    '15:41light it Rondeau on Gas',
    '15:55brown the meat 3 loads of 510 g21 min',
  ]);
  rerender(
    <Work preview={work} units="METRIC" zone="UTC" now={Date.parse('2026-03-02T15:20:00Z')} />,
  );
  expect(screen.getByText(/should have begun at 15:10/)).toBeInTheDocument();
});

it('says what may still stand there when it is to be lit, and until when', () => {
  const inTheWay = [
    {
      name: 'Ridge ragù',
      inThatPot: true,
      likelyFree: '2026-03-02T15:50:00Z',
      latestFree: '2026-03-02T16:05:00Z',
    },
    { name: 'Marinara', inThatPot: false },
  ];
  show(
    <InTheWay
      preview={
        { plan: { hours: { lightAt: '2026-03-02T15:41:00Z' } }, inTheWay } as unknown as PlanPreview
      }
      zone="UTC"
    />,
  );
  expect(
    screen.getByText(
      'Ridge ragù may still be in that pot at 15:41: it is free about 15:50, at the latest 16:05.',
    ),
  ).toBeInTheDocument();
  expect(
    screen.getByText('Marinara may still be in that place at 15:41: nobody knows until when.'),
  ).toBeInTheDocument();
});

function LastTime() {
  const options = useLastTime('plain-marinara', 'UTC');
  return <Choices label="Thickness" options={options} chosen="" onChoose={vi.fn()} />;
}

it('offers the widths of the last batches, each width once', async () => {
  const batch = (day: number, spreadMeters: number) => ({
    batchId: `b${day}`,
    spreadMeters,
    bodyFactor: 1,
    readAt: `2026-03-0${day}T12:00:00Z`,
    endedAt: `2026-03-0${day}T12:10:00Z`,
  });
  standIn(
    new Response(
      JSON.stringify([batch(4, 0.091), batch(3, 0.0912), batch(2, 0.08), batch(1, 0.07)]),
      { status: 200, headers: { 'content-type': 'application/json' } },
    ),
  );
  show(<LastTime />);
  await waitFor(() => expect(screen.getAllByRole('radio')).toHaveLength(2));
  expect(screen.getByRole('radio', { name: 'as last time' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: 'as on Mon 2 Mar' })).toBeInTheDocument();
});
