import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { PlanPreview, StageFitView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { StageFits } from './StageFits';
import { WholeCans } from './WholeCans';
import type { PlanForm } from './form';
import { Stocked } from './sizing.fixtures';

afterEach(() => vi.unstubAllGlobals());

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
