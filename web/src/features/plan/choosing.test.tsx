import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { serve, show } from '../../test/stove';
import { InTubs } from './InTubs';
import { PotChoice } from './PotChoice';
import { Ways } from './Ways';

const pots = [
  { id: 'tall', name: 'Tall pot', capacityCubicMeters: 0.0184 },
  { id: 'wide', name: 'Rondeau', capacityCubicMeters: 0.0203 },
].map((v) => ({
  ...v,
  shape: 'ROUND',
  firstWidthMeters: 0.36,
  secondWidthMeters: 0.36,
  depthMeters: 0.2,
})) as unknown as KitchenView['vessels'];

it('offers each pot with what it holds, and says what stands in it and until when', async () => {
  const choose = vi.fn();
  const taken = new Map([
    ['tall', { name: 'Ridge ragù', likelyFree: '2026-03-02T17:15:00Z' }],
  ]) as never;
  show(
    <PotChoice
      vessels={pots}
      taken={taken}
      chosen="wide"
      onChoose={choose}
      fillMeters={0.066}
      fault="It does not go in."
      units="METRIC"
      zone="Europe/Zurich"
      working={undefined}
    />,
  );
  const tall = screen.getByRole('radio', { name: /^Tall pot, 18\.4 l, holds .*Ridge ragù/ });
  expect(screen.getByRole('radio', { name: 'Rondeau, 20.3 l' })).toBeChecked();
  expect(screen.getByText('till 18:15')).toBeInTheDocument();
  expect(screen.getByRole('alert')).toHaveTextContent('It does not go in.');
  await userEvent.click(tall);
  expect(choose).toHaveBeenCalledWith('tall');
});

it('asks each question of a formula once, and changes one answer only', async () => {
  const choices = ['Garlic', 'Milk'].map((question) => ({
    question,
    options: [
      { name: 'early', reason: '' },
      { name: 'late', reason: '' },
    ],
  })) as FormulaSummary['choices'];
  const change = vi.fn();
  show(<Ways choices={choices} schools={[{ question: 'Milk', option: 'late' }]} change={change} />);
  expect(screen.getByLabelText('Garlic')).toHaveValue('early');
  await userEvent.selectOptions(screen.getByLabelText('Garlic'), 'late');
  expect(change).toHaveBeenCalledWith({
    schools: [
      { question: 'Milk', option: 'late' },
      { question: 'Garlic', option: 'late' },
    ],
  });
});

const ready = (over: object = {}) => ({
  cubicMeters: 0.0037,
  frozenKilograms: 0,
  restCovers: 20,
  lots: [{ id: 'l1', madeOn: '2026-02-28' }],
  ...over,
});
const inTubs = (over: object, byCovers = true) => {
  serve({ '/api/lots/ready': ready(over) });
  const change = vi.fn();
  show(
    <InTubs
      formulaId="base"
      wantedKilograms={3.8}
      covers={34}
      byCovers={byCovers}
      change={change}
      units="METRIC"
    />,
  );
  return change;
};

it('counts in what is there in tubs, or says that it is enough', async () => {
  const change = inTubs({ frozenKilograms: 1.2 });
  expect(await screen.findByText(/You have 3.7 l of it/)).toBeInTheDocument();
  const there = screen.getByRole('region', { name: 'In tubs already' });
  expect(there).toHaveTextContent('1.20 kg of it frozen. With it the batch is for 20 of 34.');
  await userEvent.click(screen.getByRole('button', { name: 'Count it in' }));
  expect(change).toHaveBeenCalledWith({ covers: '20' });
});

it('leads to the tubs where they are enough, and counts no covers where nobody typed them', async () => {
  inTubs({ restCovers: 0 });
  expect(await screen.findByRole('link', { name: 'Use it instead' })).toHaveAttribute(
    'href',
    '/keep/lots/l1',
  );
});
