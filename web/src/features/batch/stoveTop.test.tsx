import { screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it } from 'vitest';
import type { KitchenView, OnStove } from '../../api/client';
import { batch, itIs, kitchen as stove, serve, show } from '../../test/stove';
import { PotsPage } from './PotsPage';
import { StoveTop } from './StoveTop';

const kitchen = {
  ...stove,
  heatSources: ['Gas', 'Back ring', 'Induction'].map((name) => ({ id: name, name })),
} as unknown as KitchenView;
const onStove = (name: string, burner: string, way = 'LIVELY'): OnStove =>
  ({
    id: name,
    name,
    pot: { ...batch.pot, heatSourceId: burner, heating: { way, fan: false } },
    simmerStartedAt: '2026-03-02T14:00:00Z',
    likely: [],
    thickAt: '2026-03-02T17:44:00Z',
  }) as unknown as OnStove;
const due = (subjectId: string) => ({
  key: subjectId,
  subjectId,
  what: 'stir',
  place: 'POT',
  at: '2026-03-02T14:50:00Z',
  waitFrom: '2026-03-02T14:40:00Z',
  alarmFrom: '2026-03-02T14:50:00Z',
});

beforeEach(() => {
  itIs('2026-03-02T15:00:00Z');
  // jsdom lays nothing out.
  Element.prototype.scrollIntoView = () => undefined;
});
afterEach(() => itIs(new Date().toISOString()));

it('puts the pot that needs somebody first, and hides none of eight', async () => {
  serve({ '/api/tasks': [due('Eighth')] });
  const names = ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth', 'Seventh', 'Eighth'];
  const pots = names.map((n) => onStove(n, 'Gas'));
  show(<StoveTop batches={pots} kitchen={kitchen} shown="First" />);
  expect(await screen.findByText(/needs you/)).toBeInTheDocument();
  const links = screen.getAllByRole('link');
  expect(links).toHaveLength(8);
  expect(links[0]).toHaveTextContent('Eighth');
  expect(links[1]).toHaveAttribute('aria-current', 'page');
});

it('says which burners are free: a pot in the oven takes none', () => {
  serve({});
  const pots = [onStove('A', 'Gas'), onStove('B', 'Back ring', 'OVEN')];
  show(<StoveTop batches={pots} kitchen={kitchen} shown={undefined} />);
  expect(screen.getByText('free: Back ring, Induction')).toBeInTheDocument();
  expect(screen.getByText('Oven')).toBeInTheDocument();
  expect(screen.getAllByText('18:44')).toHaveLength(2);
});

it('says that nothing is on the stove, and where to begin', async () => {
  serve({ '/api/kitchen': kitchen });
  show(<PotsPage />);
  expect(await screen.findByText(/Nothing is on the stove/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Plan a batch' })).toHaveAttribute('href', '/plan');
});

it('says so where the stove cannot be seen, and does not say that it is empty', async () => {
  serve({ '/api/kitchen': kitchen, '/api/batches': new Error('away') });
  show(<PotsPage />);
  expect(await screen.findByRole('alert')).toHaveTextContent('does not answer');
  expect(screen.queryByText(/Nothing is on the stove/)).not.toBeInTheDocument();
});
