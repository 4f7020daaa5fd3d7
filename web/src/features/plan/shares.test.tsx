import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { KitchenView, ShareView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { PotShares } from './PotShares';
import { StillToLight } from './StillToLight';
import { SizedBy } from './SizedBy';

afterEach(() => vi.unstubAllGlobals());

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
