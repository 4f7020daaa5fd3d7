import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { kitchen, serve, show } from '../../test/stove';
import { TracePage } from './TracePage';

const FOUND = [
  { what: 'BATCH', id: 'b1', name: 'Plain marinara', at: '2026-03-02T17:00:00Z', words: '' },
  { what: 'LOT', id: 'd3', name: 'Plain marinara', code: 'WYC5R', words: '4 tubs' },
  { what: 'DISH', name: 'Shells', words: 'table 4' },
];
const looked = async (code: string, answers: Record<string, unknown>) => {
  const asked = serve({ '/api/kitchen': kitchen, ...answers });
  show(<TracePage />);
  await userEvent.type(screen.getByLabelText(/Code on the can/), code);
  return asked;
};

it('tells every tub and dish that a can may be in, with the way to each', async () => {
  await looked('L77', { '/api/lots/recall': FOUND });
  expect(await screen.findByRole('status')).toHaveTextContent(
    '1 lot of tubs and 1 dish may have it in them.',
  );
  const list = screen.getByRole('list');
  expect(
    within(list)
      .getAllByRole('link')
      .map((l) => l.getAttribute('href')),
  ).toEqual(['/logbook/b1', '/keep/lots/d3']);
  expect(list).toHaveTextContent('WYC5R');
});

it('says that nothing has the code, and where codes are noted', async () => {
  await looked('L78', {});
  expect(await screen.findByRole('status')).toHaveTextContent('No batch has this code.');
});

it('does not look as if nothing had it while the server is away', async () => {
  await looked('L79', { '/api/lots/recall': new Error('away') });
  expect(await screen.findByRole('alert')).toHaveTextContent('does not answer');
  expect(screen.queryByText(/No batch has this code/)).not.toBeInTheDocument();
});

it('asks nothing before anything is typed', async () => {
  const asked = await looked(' ', {});
  expect(asked.some((path) => path.includes('recall'))).toBe(false);
});
