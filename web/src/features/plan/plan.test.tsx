import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { AlternativeView, PlanView, WaysView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { Choices } from '../../ui/Choices';
import { Before } from './Before';
import { OtherWays } from './OtherWays';
import { useLastTime } from './useLastTime';

afterEach(() => vi.unstubAllGlobals());

const way = (kind: AlternativeView['kind'], what: string, minutes: number): AlternativeView => ({
  kind, what, cost: 'some cost', simmerSeconds: minutes * 60, thickAt: new Date(Date.parse('2026-03-02T16:00:00Z') + minutes * 60_000).toISOString(), vesselId: 'wide', heating: { way: 'ROLLING', fan: false }, lid: 'OFF', amountKilograms: 0, covers: 22, targetSolidsFraction: 0.096, readyBy: '2026-03-02T18:40:00Z',
});
const here = { vesselId: 'rondeau', covers: 22 };
const hours = (spareAtWorstSeconds: number) => ({ spareAtWorstSeconds }) as unknown as PlanView['hours'];
const ways = (sooner: AlternativeView[], later: AlternativeView[] = []) => ({ sooner, later, working: { figure: 'otherWays', terms: [] } }) as unknown as WaysView;
const plan = {
  workings: [{ figure: 'preparation' }],
  stages: [{ title: 'Soffritto', role: 'PREPARE', seconds: 840 }, { title: 'Brown the meat', role: 'PREPARE', seconds: 1260, loads: { count: 3, eachKilograms: 0.51 } }, { title: 'Simmer', role: 'REDUCE', seconds: 0 }],
} as unknown as PlanView;

it('offers each kind of way before a second of one kind, and plans the one that is pressed', async () => {
  const change = vi.fn();
  const all = [way('LEVEL', 'rolling', 60), way('LEVEL', 'lively', 65), way('LEVEL', 'gentle', 68), way('POT', 'in the Wide pan', 50), way('PASTE', '600 g more paste', 55), way('SPLIT', 'half in the Stockpot', 40)];
  show(<OtherWays hours={hours(240)} ways={ways(all)} zone="UTC" change={change} here={here} />);
  const sooner = within(screen.getByRole('region', { name: 'Sooner?' }));
  expect(sooner.queryByText('lively')).not.toBeInTheDocument();
  expect(sooner.getByText('16:40')).toBeInTheDocument();
  await userEvent.click(sooner.getByRole('button', { name: /^in the Wide pan, thick enough 16:50/ }));
  expect(change).toHaveBeenCalledWith({ vesselId: 'wide' });
  await userEvent.click(sooner.getByRole('button', { name: /^rolling/ }));
  expect(change).toHaveBeenLastCalledWith({ way: 'ROLLING' });
  await userEvent.click(sooner.getByRole('button', { name: /^half in the Stockpot/ }));
  expect(change).toHaveBeenLastCalledWith({ sizedBy: 'COVERS', covers: '11', vesselId: 'rondeau', shares: [{ vesselId: 'rondeau', covers: 11, lit: false }, { vesselId: 'wide', covers: 11, lit: false }] });
  expect(sooner.queryByRole('button', { name: /paste/ })).not.toBeInTheDocument();
});

it('asks for time where it is late, and then offers nothing later', () => {
  show(<OtherWays hours={hours(-600)} ways={ways([way('LID', 'lid off', 50)], [way('LEVEL', 'gentle', 120)])} zone="UTC" change={vi.fn()} here={here} />);
  expect(screen.getByRole('region', { name: 'In time?' })).toBeInTheDocument();
  expect(screen.queryByText(/gentle/)).not.toBeInTheDocument();
});

it('says what gives where nothing else is in time, and plans it', async () => {
  const change = vi.fn();
  show(<OtherWays hours={hours(-600)} ways={ways([way('THINNER', '9.6 % solids', 30), way('FEWER', 'for 22', 30), way('LATER_HOUR', 'eat 40 min later', 50)])} zone="UTC" change={change} here={here} />);
  const gives = within(screen.getByRole('region', { name: 'What gives?' }));
  await userEvent.click(gives.getByRole('button', { name: /^9.6 % solids/ }));
  expect(change).toHaveBeenLastCalledWith({ target: '9.6 %' });
  await userEvent.click(gives.getByRole('button', { name: /^for 22/ }));
  expect(change).toHaveBeenLastCalledWith({ sizedBy: 'COVERS', covers: '22' });
  await userEvent.click(gives.getByRole('button', { name: /^eat 40 min later/ }));
  expect(change).toHaveBeenLastCalledWith({ readyBy: '18:40' });
});

it('has no empty heading where there is no other way', () => {
  const { container } = show(<OtherWays hours={hours(240)} ways={ways([])} zone="UTC" change={vi.fn()} here={here} />);
  expect(container).toBeEmptyDOMElement();
});

it('says what happens before the simmer, with loads and minutes', () => {
  show(<Before plan={plan} units="METRIC" />);
  const [soffritto, brown, ...more] = screen.getAllByRole('listitem');
  expect(soffritto).toHaveTextContent('Soffritto 14 min');
  expect(brown).toHaveTextContent('Brown the meat 3 loads of 510 g21 min');
  expect(more).toHaveLength(0);
});

function LastTime() {
  const options = useLastTime('plain-marinara', 'UTC');
  return <Choices label="Thickness" options={options} chosen="" onChoose={vi.fn()} />;
}

it('offers the widths of the last batches, each width once', async () => {
  const batch = (day: number, spreadMeters: number) => ({ batchId: `b${day}`, spreadMeters, bodyFactor: 1, readAt: `2026-03-0${day}T12:00:00Z`, endedAt: `2026-03-0${day}T12:10:00Z` });
  standIn(new Response(JSON.stringify([batch(4, 0.091), batch(3, 0.0912), batch(2, 0.08), batch(1, 0.07)]), { status: 200, headers: { 'content-type': 'application/json' } }));
  show(<LastTime />);
  await waitFor(() => expect(screen.getAllByRole('radio')).toHaveLength(2));
  expect(screen.getByRole('radio', { name: 'as last time' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: 'as on Mon 2 Mar' })).toBeInTheDocument();
});
