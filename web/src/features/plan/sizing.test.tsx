import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import type { KitchenView, PlanPreview, PlanView, ShareView, StageFitView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { PotShares } from './PotShares';
import { StillToLight } from './StillToLight';
import { SizedBy } from './SizedBy';
import { StageFits } from './StageFits';
import { WholeCans } from './WholeCans';
import type { Available, PlanForm } from './form';

afterEach(() => vi.unstubAllGlobals());

const purchases = [
  { ingredientId: 'onion', name: 'Onion', neededMassKilograms: 0.4, packs: [] },
  { ingredientId: 'tomato', name: 'Tomato', neededMassKilograms: 4, packs: [] },
] as unknown as PlanView['purchases'];

function Stocked({ onChange }: { onChange: (available: Available[]) => void }) {
  const [available, setAvailable] = useState<Available[]>([]);
  const change = (to: Partial<PlanForm>) => {
    setAvailable(to.available ?? []);
    onChange(to.available ?? []);
  };
  return (
    <SizedBy
      sizedBy="STOCK"
      available={available}
      change={change}
      purchases={purchases}
      from={{ boundName: 'Tomato', unused: [{ name: 'Onion', massKilograms: 0.25 }] }}
      portions={17.4}
      fault={undefined}
      units="METRIC"
    />
  );
}

it('asks first for what is most of the batch, takes more lines, and says whom it feeds', async () => {
  standIn(new Response('[]', { status: 200, headers: { 'content-type': 'application/json' } }));
  const onChange = vi.fn();
  show(<Stocked onChange={onChange} />);
  await userEvent.type(screen.getByLabelText('How much there is, 1'), '2 kg');
  expect(onChange).toHaveBeenLastCalledWith([{ ingredientId: 'tomato', text: '2 kg' }]);
  await userEvent.click(screen.getByRole('button', { name: 'Another' }));
  expect(onChange).toHaveBeenLastCalledWith([
    { ingredientId: 'tomato', text: '2 kg' },
    { ingredientId: 'onion', text: '' },
  ]);
  expect(screen.queryByRole('button', { name: 'Another' })).not.toBeInTheDocument();
  expect(screen.getByRole('status')).toHaveTextContent(
    'It feeds 17. Tomato runs out first; 250 g of Onion left.',
  );
  await userEvent.click(screen.getByRole('button', { name: 'Take line 1 out' }));
  expect(onChange).toHaveBeenLastCalledWith([{ ingredientId: 'onion', text: '' }]);
});

it('fills in what is on the shelf, several lots together, and only what the formula takes', async () => {
  const lot = (ingredientId: string, massKilograms: number) => ({ ingredientId, massKilograms });
  standIn(
    new Response(JSON.stringify([lot('tomato', 2.5), lot('tomato', 0.5), lot('cream', 1)]), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    }),
  );
  const onChange = vi.fn();
  show(<Stocked onChange={onChange} />);
  await userEvent.click(await screen.findByRole('button', { name: 'What is on the shelf' }));
  expect(onChange).toHaveBeenLastCalledWith([{ ingredientId: 'tomato', text: '3000 g' }]);
});

it('shows cans as needed and whole side by side, and follows the one that is pressed', async () => {
  const size = (
    rounding: PlanForm['rounding'],
    portions: number,
    count: number,
    leftMassKilograms: number,
  ) => ({
    rounding,
    portions,
    ingredientName: 'Canned tomato',
    packs: [{ name: 'large can', count, netMassKilograms: 2.5, loose: false }],
    leftMassKilograms,
    costBought: count * 5,
  });
  const change = vi.fn();
  show(
    <WholeCans
      options={
        [
          size('EXACT', 34, 3, 1.2),
          size('UP', 38.27, 3, 0),
          size('DOWN', 25.5, 2, 0),
        ] as PlanPreview['sizes']
      }
      chosen="EXACT"
      change={change}
      units="METRIC"
      currency="EUR"
    />,
  );
  const [exact, up, down] = screen.getAllByRole('radio');
  expect(exact).toBeChecked();
  expect(exact?.closest('label')).toHaveTextContent(
    /as needed.*feeds 34.*3 × large can · 1.20 kg left/,
  );
  expect(up?.closest('label')).toHaveTextContent(/feeds 38.2/);
  expect(up?.closest('label')).not.toHaveTextContent('left');
  await userEvent.click(down as HTMLElement);
  expect(change).toHaveBeenCalledWith({ rounding: 'DOWN' });
});

it('marks the stage that does not go into its pot, and counts trays', () => {
  const fit = (
    title: string,
    vessels: number,
    fullFraction: number,
    standing: StageFitView['standing'],
  ): StageFitView => ({
    title,
    vesselName: vessels > 1 ? 'Tray' : 'Rondeau',
    vessels,
    volumeCubicMeters: 0.004,
    depthMeters: 0.05,
    fullFraction,
    standing,
  });
  show(
    <StageFits
      fits={[
        fit('Sweat', 1, 0.2, 'FITS'),
        fit('Simmer', 1, 1.3, 'OVERFLOWS'),
        fit('Bake', 3, 0.7, 'FITS'),
      ]}
      units="METRIC"
    />,
  );
  const [sweat, simmer, bake] = screen.getAllByRole('listitem');
  expect(sweat).not.toHaveTextContent('does not go in');
  expect(simmer).toHaveTextContent('does not go in');
  expect(bake).toHaveTextContent('3 × Tray');
});

it('plans one of several pots with its own share of the covers', async () => {
  const share = (vesselId: string, covers: number): ShareView => ({
    vesselId,
    vesselName: vesselId,
    covers,
    startMassKilograms: 9,
    startVolumeCubicMeters: 0.009,
    lightAt: '2026-03-02T14:00:00Z',
    thickAt: '2026-03-02T15:10:00Z',
  });
  const change = vi.fn();
  const light = vi.fn();
  show(
    <PotShares
      shares={[share('Stockpot', 75), share('Rondeau', 65)]}
      burners={2}
      onLightAll={light}
      fault={undefined}
      change={change}
      units="METRIC"
      zone="UTC"
    />,
  );
  await userEvent.click(
    screen.getByRole('button', { name: 'Light all 2, each on a burner of its own' }),
  );
  expect(light).toHaveBeenCalledOnce();
  const region = within(screen.getByRole('region', { name: 'Over several pots' }));
  expect(region.getAllByText(/light 14:00, thick 15:10/)).toHaveLength(2);
  await userEvent.click(region.getAllByRole('button')[1] as HTMLElement);
  const both = [
    { vesselId: 'Stockpot', covers: 75, lit: false },
    { vesselId: 'Rondeau', covers: 65, lit: false },
  ];
  expect(change).toHaveBeenCalledWith({
    sizedBy: 'COVERS',
    covers: '65',
    vesselId: 'Rondeau',
    shares: both,
  });
});

it('waits for the ingredients of the plan before it asks how much there is of them', () => {
  standIn(new Response('[]', { status: 200, headers: { 'content-type': 'application/json' } }));
  show(
    <SizedBy
      sizedBy="STOCK"
      available={[]}
      change={vi.fn()}
      purchases={[]}
      from={undefined}
      portions={undefined}
      fault={undefined}
      units="METRIC"
    />,
  );
  expect(screen.queryByLabelText('How much there is, 1')).not.toBeInTheDocument();
});

it('names the pots of a batch that are still to light, and plans the one that is pressed', async () => {
  const shares = ['a', 'b', 'c'].map((vesselId) => ({
    vesselId,
    covers: 20,
    lit: vesselId === 'a',
  }));
  const vessels = ['a', 'b', 'c'].map((id) => ({
    id,
    name: `Pot ${id}`,
  })) as unknown as KitchenView['vessels'];
  const change = vi.fn();
  show(<StillToLight shares={shares} vessels={vessels} vesselId="b" change={change} />);
  expect(screen.getByText('20 in the Pot a').parentElement).toHaveTextContent('lit');
  expect(screen.getByText('20 in the Pot b').parentElement).toHaveTextContent('this plan');
  await userEvent.click(screen.getByRole('button', { name: 'Plan this pot' }));
  expect(change).toHaveBeenCalledWith({ shares, sizedBy: 'COVERS', covers: '20', vesselId: 'c' });
  await userEvent.click(screen.getByRole('button', { name: 'Only this pot' }));
  expect(change).toHaveBeenLastCalledWith({ shares: [] });
});
