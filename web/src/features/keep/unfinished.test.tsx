import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { LotView } from '../../api/client';
import { show } from '../../test/stove';
import { GoesOn } from '../plan/GoesOn';
import { StillToCome } from './StillToCome';

const lot = {
  id: 'l1',
  code: 'ABCDE',
  formulaId: 'pale-ragu',
  state: 'CHILLED',
  massKilograms: 2.1,
  unfinished: {
    from: 'Simmer',
    stages: ['Simmer', 'Finish'],
    lines: [{ name: 'Whole milk', massKilograms: 0.25 }],
    tubId: 'tub-abcde',
  },
} as unknown as LotView;

it('tells what is still to come of tubs, and the way on', () => {
  show(<StillToCome lot={lot} units="METRIC" />);
  const section = screen.getByRole('region', { name: 'Still to come' });
  expect(section).toHaveTextContent('stopped in ‘Simmer’; Simmer, Finish');
  expect(section).toHaveTextContent('250 g Whole milk');
  expect(screen.getByRole('link', { name: 'Go on with it' })).toHaveAttribute('href', '/plan');
});

it('says that frozen tubs are thawed first, and nothing of tubs that are done', () => {
  const { unmount } = show(<StillToCome lot={{ ...lot, state: 'FROZEN' }} units="METRIC" />);
  expect(screen.getByText(/Thaw it first/)).toBeInTheDocument();
  expect(screen.queryByRole('link', { name: 'Go on with it' })).toBeNull();
  unmount();
  show(
    <StillToCome lot={{ ...lot, unfinished: undefined } as unknown as LotView} units="METRIC" />,
  );
  expect(screen.queryByRole('region')).toBeNull();
});

it('says that a plan goes on, and begins it anew when asked', () => {
  const changes: object[] = [];
  show(
    <GoesOn
      goesOn={{ lotId: 'l1', code: 'ABCDE' }}
      available={[{ ingredientId: 'tub-abcde', text: '2.1 kg' }]}
      change={(to) => changes.push(to)}
      portions={14}
      fault={undefined}
    />,
  );
  expect(screen.getByRole('group', { name: 'Goes on with' })).toHaveTextContent('It feeds 14');
  expect(screen.getByLabelText('How much of it')).toHaveValue('2.1 kg');
  screen.getByRole('button', { name: 'Begin it anew' }).click();
  expect(changes).toEqual([{ goesOn: undefined, sizedBy: 'COVERS', available: [] }]);
});
