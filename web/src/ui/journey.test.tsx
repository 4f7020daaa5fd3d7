import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { show } from '../test/stove';
import { Journey, placesOf } from './Journey';

const to = (job: Parameters<typeof placesOf>[0]) =>
  Object.fromEntries(placesOf(job).map((p) => [p.step, p.to]));
const done = (job: Parameters<typeof placesOf>[0]) =>
  placesOf(job)
    .filter((p) => p.done)
    .map((p) => p.step);

it('carries this batch along, and takes it on only where it can go', () => {
  const onTheHeat = { formulaId: 'ridge-ragu', batchId: 'b1' };
  expect(to(onTheHeat)).toMatchObject({
    Formula: '/formulas/ridge-ragu',
    Pot: '/pots/b1',
    Balance: '/balance?pot=b1',
    Keep: '/keep',
    Log: '/logbook',
  });
  expect(to({ ...onTheHeat, isOver: true })).toMatchObject({
    Balance: '/balance',
    Keep: '/keep/cool?batch=b1',
    Log: '/logbook/b1',
  });
  expect(to({ ...onTheHeat, isOver: true, isKept: true }).Keep).toBe('/keep');
});

it('brings the ways of the formula to the plan', () => {
  const schools = [{ question: 'Garlic', name: 'sliced' }] as never;
  const size = placesOf({ formulaId: 'plain', schools }).find((p) => p.step === 'Size');
  expect(size?.state).toEqual({ formulaId: 'plain', schools });
});

it('pretends no progress', () => {
  expect(done({})).toEqual([]);
  expect(done({ formulaId: 'plain' })).toEqual(['Formula']);
  expect(done({ formulaId: 'plain', batchId: 'b1' })).toEqual(['Formula', 'Size']);
  expect(done({ formulaId: 'plain', batchId: 'b1', isTasted: true, isOver: true })).toEqual([
    'Formula',
    'Size',
    'Pot',
    'Balance',
    'Log',
  ]);
});

it('says which step this is, and which are done, to those who hear it', () => {
  show(<Journey at="Pot" job={{ formulaId: 'plain', batchId: 'b1' }} />);
  expect(screen.getByRole('link', { name: /Pot/ })).toHaveAttribute('aria-current', 'step');
  expect(screen.getByRole('link', { name: /Size/ })).toHaveAccessibleName(/done/);
  expect(screen.getByRole('link', { name: /Keep/ })).not.toHaveAccessibleName(/done/);
});
