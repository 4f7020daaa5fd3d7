import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { Influence, Working } from '../api/client';
import { show } from '../test/stove';
import { FallsOver } from './FallsOver';
import { ShowWorking } from './ShowWorking';
import { useWorking } from './working';
import { WorkingProvider } from './WorkingDrawer';

const working: Working = {
  figure: 'thickAt',
  inWords: 'Water leaves as the burner gives heat.',
  formula: 't = Δm / ṁ',
  terms: [
    { name: 'water to lose', symbol: 'Δm', value: 2.8471, unit: 'kg' },
    { name: 'readings', symbol: '', value: 3, unit: '' },
  ],
  assumptions: ['Nobody touches the knob'],
  sources: ['Conservation of mass'],
  confidence: 'MEASURED',
};

function Asking({ ask }: { ask: () => Promise<Influence[]> }) {
  const open = useWorking();
  return <button onClick={() => open(working, 'Thick enough', ask)}>Open</button>;
}
const opened = async (ask: () => Promise<Influence[]>) => {
  show(
    <WorkingProvider>
      <Asking ask={ask} />
    </WorkingProvider>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Open' }));
  return screen.getByRole('dialog', { name: 'Working' });
};

it('opens how a figure is worked out, with its terms, what is assumed, and how sure it is', async () => {
  show(
    <WorkingProvider>
      <ShowWorking working={working} title="Thick enough" />
    </WorkingProvider>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Thick enough. Show working' }));
  const drawer = screen.getByRole('dialog', { name: 'Working' });
  expect(drawer).toHaveTextContent('Water leaves as the burner gives heat.');
  expect(within(drawer).getByText('water to lose, Δm').nextSibling).toHaveTextContent('2.847 kg');
  expect(within(drawer).getByText('readings').nextSibling).toHaveTextContent('3');
  expect(drawer).toHaveTextContent('Taken for grantedNobody touches the knob');
  expect(drawer).toHaveTextContent('Corrected by readings from this very pot.');
  expect(within(drawer).queryByRole('button', { name: 'What moves it most?' })).toBeNull();
});

it('asks what moves a figure only when somebody wants to know, with the sign of each', async () => {
  const ask = vi.fn(() =>
    Promise.resolve([{ input: 'lid', lower: -4.2, higher: 12.34, unit: 'min' }] as Influence[]),
  );
  const drawer = await opened(ask);
  expect(ask).not.toHaveBeenCalled();
  await userEvent.click(within(drawer).getByRole('button', { name: 'What moves it most?' }));
  expect((await within(drawer).findByText('lid')).nextSibling).toHaveTextContent('−4.2 / +12 min');
});

it('says so where what moves it cannot be reckoned', async () => {
  const drawer = await opened(() => Promise.reject(new Error('away')));
  await userEvent.click(within(drawer).getByRole('button', { name: 'What moves it most?' }));
  expect(await within(drawer).findByRole('alert')).toHaveTextContent('could not be computed now');
});

const fall = (id: string, end: number) => ({
  id,
  name: id,
  points: [
    { minute: 0, share: 1 },
    { minute: 60, share: end },
  ],
  reads: [{ minute: 30, share: 0.8 }],
});
const laid = (falls: ReturnType<typeof fall>[]) =>
  show(<FallsOver falls={falls} title="Two batches" />).container;

it('lays batches over each other, each by its own dash, with a mark for each reading', () => {
  const drawn = laid([fall('first', 0.6), fall('second', 0.5)]);
  expect(screen.getByRole('img', { name: /Two batches/ })).toBeInTheDocument();
  const lines = [...drawn.querySelectorAll('path[fill="none"]')];
  expect(lines.map((l) => l.getAttribute('stroke-dasharray'))).toEqual(['', '7 4']);
  expect(drawn.querySelectorAll('path')).toHaveLength(4);
});

it('puts no name on another where batches end alike', () => {
  const drawn = laid([fall('first', 0.6), fall('second', 0.6), fall('third', 0.61)]);
  const names = [...drawn.querySelectorAll('text')].filter((t) =>
    ['first', 'second', 'third'].includes(t.textContent ?? ''),
  );
  const heights = names.map((n) => Number(n.getAttribute('y'))).toSorted((a, b) => a - b);
  expect(heights).toHaveLength(3);
  expect((heights[1] ?? 0) - (heights[0] ?? 0)).toBeGreaterThanOrEqual(16);
  expect((heights[2] ?? 0) - (heights[1] ?? 0)).toBeGreaterThanOrEqual(16);
});
