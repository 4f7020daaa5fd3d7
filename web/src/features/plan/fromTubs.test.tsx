import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { PartView } from '../../api/client';
import { serve, show } from '../../test/stove';
import { FromTubs } from './FromTubs';
import type { PlanForm } from './form';

const balls: PartView = {
  formulaId: 'meatballs',
  name: 'Meatballs',
  massKilograms: 1.6,
  takes: [],
  seconds: 1980,
  dishes: ['Balls in sauce'],
};
const ready = (massKilograms: number, frozen = false) => ({
  massKilograms,
  lots: [{ id: 'l1', code: 'BALLS', madeOn: '2026-03-01', massKilograms, frozen }],
});
const fields = (chosen: PlanForm['fromTubs'], changes: Partial<PlanForm>[], fault?: string) =>
  show(
    <FromTubs
      parts={chosen.length > 0 ? [] : [balls]}
      chosen={chosen}
      change={(to) => changes.push(to)}
      units="METRIC"
      fault={fault}
    />,
  );

it('offers a part that is there, and makes it after all', async () => {
  serve({ '/api/lots/ready': ready(1.6) });
  const changes: Partial<PlanForm>[] = [];
  const { unmount } = fields([], changes);
  await userEvent.click(await screen.findByRole('button', { name: /^Take Meatballs from tub/ }));
  const taken = { formulaId: 'meatballs', lotId: 'l1', code: 'BALLS', name: 'Meatballs' };
  expect(changes).toEqual([{ fromTubs: [taken] }]);
  unmount();
  fields([taken], changes, 'Of BALLS there are 1.20 kg, and 1.60 kg go in.');
  expect(screen.getByText(/1.20 kg/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Make Meatballs for it instead' }));
  expect(changes.at(-1)).toEqual({ fromTubs: [] });
});

it('offers nothing that is too little, or frozen', async () => {
  serve({ '/api/lots/ready': ready(1.1) });
  const { unmount } = fields([], []);
  await new Promise((done) => setTimeout(done, 50));
  expect(screen.queryByRole('button')).toBeNull();
  unmount();
  serve({ '/api/lots/ready': ready(1.6, true) });
  fields([], []);
  await new Promise((done) => setTimeout(done, 50));
  expect(screen.queryByRole('button')).toBeNull();
});
