import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { BatchView } from '../../api/client';
import { batch, kitchen, show } from '../../test/stove';
import { Over } from './Over';

const over = (end: Partial<NonNullable<BatchView['end']>>): BatchView =>
  ({
    ...batch,
    status: 'FINISHED',
    planned: { endMassKilograms: 3.85 },
    end: { endedAt: '2026-03-02T17:10:00Z', note: '', workings: [], ...end },
  }) as unknown as BatchView;
const way = (name: string) => screen.getByRole('link', { name }).getAttribute('href');

it('leads on with its batch and what came out: cooled, held, served', () => {
  show(<Over batch={over({ finalMassKilograms: 3.512 })} kitchen={kitchen} />);
  expect(way('Cool it')).toBe('/keep/cool?batch=b1&mass=3.51 kg');
  expect(way('Hold it hot')).toBe('/keep?hold=b1&mass=3.51 kg');
  expect(way('Serve it')).toBe('/meals');
  expect(way('Its record')).toBe('/logbook/b1');
});

it('takes what was last expected where nobody weighed, and says that nobody did', () => {
  show(<Over batch={over({})} kitchen={kitchen} />);
  expect(screen.getByText('not weighed')).toBeInTheDocument();
  expect(way('Hold it hot')).toBe('/keep?hold=b1&mass=3.9 kg');
});

it('says how it kept to its hour', () => {
  show(<Over batch={over({ lateSeconds: -300, note: 'Bright' })} kitchen={kitchen} />);
  expect(screen.getByText('earlier than planned')).toBeInTheDocument();
  expect(screen.getByText('18:10')).toBeInTheDocument();
  expect(screen.getByText('Bright')).toBeInTheDocument();
});

it('is nothing while the pot is on the heat', () => {
  show(<Over batch={batch} kitchen={kitchen} />);
  expect(screen.queryByRole('link')).not.toBeInTheDocument();
});

it('leads what is not done to the cold only', () => {
  show(
    <Over
      batch={over({ stopped: true, finalMassKilograms: 3, lateSeconds: -900 })}
      kitchen={kitchen}
    />,
  );
  expect(screen.getByText(/^Stopped, not done/)).toBeInTheDocument();
  expect(way('Cool it')).toBe('/keep/cool?batch=b1&mass=3 kg');
  expect(screen.queryByRole('link', { name: 'Serve it' })).toBeNull();
  expect(screen.queryByText('earlier than planned')).toBeNull();
});
