import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { LogbookEntry } from '../../api/client';
import { kitchen, serve, show } from '../../test/stove';
import { LogbookPage } from './LogbookPage';

const entry = (id: string, to: Partial<LogbookEntry> = {}): LogbookEntry =>
  ({
    id,
    name: `Batch ${id}`,
    vesselName: 'Rondeau',
    endedAt: '2026-03-02T17:10:00Z',
    plannedEnd: '2026-03-02T17:00:00Z',
    lateSeconds: 600,
    plannedMassKilograms: 3.85,
    finalMassKilograms: 3.9,
    readings: 2,
    evaporationFactor: 1.08,
    note: '',
    workings: [],
    ...to,
  }) as unknown as LogbookEntry;

const page = (entries: LogbookEntry[], more = false) => {
  const asked = serve({ '/api/kitchen': kitchen, '/api/logbook': { entries, more } });
  show(<LogbookPage />);
  return asked;
};
const tick = (n: number) => screen.findByRole('checkbox', { name: RegExp(`Compare Batch ${n} `) });

it('tells plan against outcome in one line', async () => {
  page([entry('1', { note: 'Bright' })]);
  expect(await screen.findByRole('link', { name: 'Batch 1' })).toHaveAttribute(
    'href',
    '/logbook/1',
  );
  expect(screen.getByText('18:10')).toBeInTheDocument();
  expect(screen.getByText('10 min later')).toBeInTheDocument();
  expect(screen.getByText(/came out, 3.85 kg planned/)).toBeInTheDocument();
  expect(screen.getByText('× 1.08')).toBeInTheDocument();
  expect(screen.getByText('Bright')).toBeInTheDocument();
});

it('says what was not weighed, and leaves out a plan that there was not', async () => {
  const unplanned = { plannedEnd: undefined, lateSeconds: undefined };
  page([entry('1', { ...unplanned, finalMassKilograms: undefined } as never)]);
  expect(await screen.findByText('not weighed')).toBeInTheDocument();
  expect(screen.getByText('off at')).toBeInTheDocument();
});

it('compares two to four: the fifth takes the place of the first', async () => {
  page(['1', '2', '3', '4', '5'].map((id) => entry(id)));
  await userEvent.click(await tick(1));
  expect(screen.getByRole('link', { name: 'Compare' })).toHaveAttribute('aria-disabled', 'true');
  for (const n of [2, 3, 4, 5]) await userEvent.click(await tick(n));
  expect(screen.getByRole('link', { name: 'Compare 4' })).toHaveAttribute(
    'href',
    '/logbook/compare?ids=2,3,4,5',
  );
  await userEvent.click(await tick(3));
  expect(screen.getByRole('link', { name: 'Compare 3' })).toBeInTheDocument();
});

it('finds on the server, and exports what was found', async () => {
  const asked = page([]);
  expect(await screen.findByText(/No batch is finished yet/)).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('Find in name, pot and notes'), 'bright');
  expect(await screen.findByText('No finished batch has all of these words.')).toBeInTheDocument();
  await waitFor(() => expect(asked).toContain('/api/logbook?words=bright'));
  expect(screen.getByRole('link', { name: 'Export as a table' })).toHaveAttribute(
    'href',
    '/api/logbook/export.csv?words=bright',
  );
});

it('fetches earlier ones from where the last page ended', async () => {
  const asked = page([entry('1')], true);
  await userEvent.click(await screen.findByRole('button', { name: 'Earlier ones' }));
  await waitFor(() =>
    expect(asked.at(-1)).toBe('/api/logbook?words=&before=2026-03-02T17%3A10%3A00Z&beforeId=1'),
  );
});
