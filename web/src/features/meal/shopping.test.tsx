import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { KitchenView } from '../../api/client';
import { problem, show, standIn } from '../../test/stove';
import { Mise } from './Mise';
import { Shopping } from './Shopping';
import { meant, textOf } from './useMealDraft';
import { text, meal } from './meal.fixtures';

afterEach(() => vi.unstubAllGlobals());

it('means what is typed, base and thickness included, or names the fields that it cannot', () => {
  const kitchen = { measures: [] } as unknown as KitchenView;
  const [first] = text.dishes;
  const { sheet } = meant(
    {
      ...text,
      dishes: [
        {
          ...(first as (typeof text.dishes)[number]),
          baseFormulaId: 'base',
          targetSolidsFraction: 0.12,
        },
      ],
    },
    kitchen,
    new Set(['balls']),
  );
  expect(sheet?.dishes[0]).toMatchObject({
    covers: 12,
    servingMassKilograms: 0.12,
    baseFormulaId: 'base',
    targetSolidsFraction: 0.12,
  });
  expect(textOf(sheet as NonNullable<typeof sheet>).dishes[0]).toMatchObject({
    covers: '12',
    servingText: '120 g',
    baseFormulaId: 'base',
  });
  const { sheet: none, faults } = meant(
    {
      ...text,
      name: ' ',
      dishes: [{ ...(first as (typeof text.dishes)[number]), covers: '0', servingText: 'lots' }],
    },
    kitchen,
    new Set(['balls']),
  );
  expect(none).toBeUndefined();
  expect([...faults.keys()].sort()).toEqual([
    '/dishes/0/covers',
    '/dishes/0/servingMassKilograms',
    '/name',
  ]);
});

it('lists what is bought apart from what is in stock already', () => {
  const item = (name: string, packs: object[], fromStockKilograms: number) => ({
    ingredientId: name,
    name,
    kind: 'OTHER',
    neededMassKilograms: 1,
    fromStockKilograms,
    packs,
    leftMassKilograms: 0,
    cost: 2.5,
  });
  show(
    <Shopping
      meal={meal([], {
        shopping: [
          item('Onion', [], 1),
          item('Tomato', [{ name: 'can', count: 3, netMassKilograms: 0.4, loose: false }], 0.2),
        ],
        costBought: 7.5,
        costUsed: 6,
      })}
      units="METRIC"
      currency="EUR"
    />,
  );
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
  expect(screen.getByText('3 × can')).toBeInTheDocument();
  expect(screen.getByText(/1.00 kg needed, 200 g there already/)).toBeInTheDocument();
  expect(screen.getByText('There already: 1.00 kg Onion.')).toBeInTheDocument();
});

it('begins with what needs time, then goes tool by tool and says when to wash', () => {
  const task = (name: string, washBefore: boolean) => ({
    name,
    what: 'fine dice',
    massKilograms: 0.2,
    dishes: ['Ridge ragù'],
    handsSeconds: 60,
    washBefore,
  });
  show(
    <Mise
      meal={meal([], {
        early: [{ name: 'Squid', what: 'thaw', massKilograms: 1, beforeSeconds: 43200 }],
        tools: [{ name: 'board', preps: [task('Onion', false), task('Pork', true)], washes: 1 }],
        handsSeconds: 600,
      })}
      units="METRIC"
    />,
  );
  expect(screen.getByText('12 h before: 1.00 kg Squid, thaw')).toBeInTheDocument();
  expect(
    screen.getAllByRole('listitem').map((li) => li.textContent?.startsWith('wash the board')),
  ).toEqual([false, true]);
});

it('puts what opened packs left on the shelf once, and says until when', async () => {
  const asked = standIn(
    problem(409, '', 'Somebody else changed it meanwhile.', 'Try again.'),
    new Response(
      JSON.stringify({
        left: [{ ingredientId: 'Tomato', massKilograms: 0.3, useBy: '2026-03-05' }],
      }),
      { status: 200, headers: { 'content-type': 'application/json' } },
    ),
  );
  const item = {
    ingredientId: 'Tomato',
    name: 'Tomato',
    kind: 'TOMATO',
    neededMassKilograms: 1,
    fromStockKilograms: 0,
    packs: [],
    leftMassKilograms: 0.3,
  };
  show(<Shopping meal={meal([], { id: 'm1', shopping: [item] })} units="METRIC" currency="EUR" />);
  const press = () => userEvent.click(screen.getByRole('button', { name: /^Cooked/ }));
  await press();
  expect(await screen.findByRole('alert')).toHaveTextContent('Somebody else changed it');
  await press();
  expect(
    await screen.findByText(/opened today: 300 g Tomato until 2026-03-05/),
  ).toBeInTheDocument();
  expect(new Set(asked.map((a) => a.path)).size).toBe(1);
});

it('asks whether a bare number of a part is grams or pieces', () => {
  const kitchen = { measures: [] } as unknown as KitchenView;
  const balls = {
    ...text,
    dishes: [
      {
        ...(text.dishes[0] as (typeof text.dishes)[number]),
        formulaId: 'balls',
        servingText: '12',
      },
    ],
  };
  expect(
    meant(balls, kitchen, new Set(['balls'])).faults.get('/dishes/0/servingMassKilograms'),
  ).toContain('12 of what');
  expect(meant(balls, kitchen, new Set()).sheet?.dishes[0]?.servingMassKilograms).toBeCloseTo(
    0.012,
  );
});
