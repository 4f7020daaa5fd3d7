import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { FormulaSummary, KitchenView, MealView, StageFitView } from '../../api/client';
import { problem, show, standIn } from '../../test/stove';
import { Dishes } from './Dishes';
import { Mise } from './Mise';
import { Shopping } from './Shopping';
import { meant, textOf, type MealText } from './useMealDraft';

afterEach(() => vi.unstubAllGlobals());

const shelf = [
  { id: 'ragu', name: 'Ridge ragù', family: 'RAGU', targetSolidsFraction: 0.13, servings: [] },
  {
    id: 'base',
    name: 'Larder base',
    family: 'PLAIN',
    targetSolidsFraction: 0.1,
    servings: [{ style: 'USUAL', sauceMassKilograms: 0.14 }],
  },
  { id: 'dough', name: 'Egg dough', family: 'PART', servings: [] },
] as unknown as FormulaSummary[];
const text: MealText = {
  name: 'Feast',
  packGoal: 'LEAST_COST',
  tubsStay: false,
  dishes: [
    { key: 'a', formulaId: 'ragu', schools: [], covers: '12', servingText: '120 g', groups: [] },
  ],
};
const fit = (title: string, over: Partial<StageFitView> = {}): StageFitView => ({
  title,
  vesselName: 'Stockpot',
  vessels: 1,
  volumeCubicMeters: 0.01,
  depthMeters: 0.1,
  fullFraction: 0.6,
  standing: 'FITS',
  ...over,
});
const dish = (over: object = {}) => ({
  formulaId: 'ragu',
  name: 'Ridge ragù',
  covers: 12,
  madeMassKilograms: 1.5,
  stages: [
    {
      title: 'Pork',
      lines: [{ name: 'Guanciale', massKilograms: 0.2, firstDoseKilograms: 0.2, note: '' }],
    },
  ],
  fryingLoads: {},
  placing: { fits: [] },
  branches: [],
  declaration: { allergens: [], asked: [], diets: [], unknown: [] },
  avoided: [],
  ...over,
});
const meal = (dishes: object[], over: object = {}) =>
  ({
    bases: [],
    dishes,
    shopping: [],
    tools: [],
    early: [],
    handsSeconds: 0,
    ...over,
  }) as unknown as MealView;
const page = (of: MealView, change = vi.fn(), faults: Record<string, string> = {}) => {
  show(
    <Dishes
      text={text}
      meal={of}
      shelf={shelf}
      units="METRIC"
      change={change}
      faultAt={(pointer) => faults[pointer]}
    />,
  );
  return change;
};

it('offers bases first and only sauces, and makes a dish of the one chosen', async () => {
  const change = page(meal([dish()]));
  const made = screen.getByLabelText('Made of');
  expect([...made.querySelectorAll('option')].map((o) => o.textContent)).toEqual([
    'its own pot',
    'the base Larder base',
  ]);
  await userEvent.selectOptions(made, 'base');
  expect(change).toHaveBeenCalledWith({
    dishes: [expect.objectContaining({ baseFormulaId: 'base' })],
  });
});

it('says when the share is taken, what is still added, and which promise breaks', () => {
  const fromBase = {
    baseName: 'Larder base',
    shareMassKilograms: 1.2,
    leavesBefore: 'Finish',
    afterSeconds: 0,
    joinsAt: 'Tomatoes',
    toLoseKilograms: -0.1,
    brings: [{ name: 'Carrot', massKilograms: 0.05 }],
    warnings: ['Guanciale breaks it.'],
  };
  page(meal([dish({ fromBase })]));
  expect(
    screen.getByText(
      /of Larder base before ‘Finish’; it goes in at ‘Tomatoes’, let down with 100 g of water/,
    ),
  ).toBeInTheDocument();
  expect(screen.getByText('Still to add: 200 g Guanciale.')).toBeInTheDocument();
  expect(screen.getByText(/brings more than it takes of: Carrot, 50 g/)).toBeInTheDocument();
  expect(screen.getByRole('alert')).toHaveTextContent('Guanciale breaks it.');
});

it('says in which pot it stands at its fullest, and when none holds it', () => {
  page(
    meal(
      [
        dish({
          placing: {
            fits: [
              fit('Sweat', { fullFraction: 0.2 }),
              fit('Simmer'),
              fit('Bake', { vesselName: 'Tray', vessels: 3 }),
            ],
            burnerName: 'Back ring',
            waitsFor: 'Pale ragù',
          },
        }),
      ],
      {
        bases: [
          {
            formulaId: 'base',
            name: 'Larder base',
            madeMassKilograms: 40,
            fromTubsKilograms: 0,
            tubs: [],
            stages: [],
            placing: { fits: [fit('Simmer', { standing: 'OVERFLOWS', volumeCubicMeters: 0.042 })] },
          },
        ],
      },
    ),
  );
  expect(
    screen.getByText(
      'in the Stockpot, 60 % full at ‘Simmer’; 3 × Tray, 60 % full at ‘Bake’; on Back ring; once Pale ragù is out of it: no other pot has room',
    ),
  ).toBeInTheDocument();
  expect(screen.getByText(/42.0 l at ‘Simmer’ do not go into the largest pot/)).toBeInTheDocument();
});

it('keeps the fault of a base beside its field', () => {
  page(meal([dish()]), vi.fn(), { '/dishes/0/baseFormulaId': 'It holds no tomato.' });
  expect(screen.getByRole('alert')).toHaveTextContent('It holds no tomato.');
});

it('takes a base from tubs first, and leaves them where the cook says so', async () => {
  const tubs = [
    { code: 'KTQ2M', massKilograms: 3.8, frozen: false },
    { code: 'W7XAB', massKilograms: 1.2, frozen: true },
  ];
  const change = page(
    meal([dish({ inTubsKilograms: 0.9, inTubsCovers: 7 })], {
      bases: [
        {
          formulaId: 'base',
          name: 'Larder base',
          madeMassKilograms: 0,
          fromTubsKilograms: 5,
          tubs,
          stages: [],
          placing: { fits: [] },
        },
      ],
    }),
  );
  expect(screen.getByText('Larder base, nothing to make')).toBeInTheDocument();
  expect(
    screen.getByText('5.00 kg comes from tubs: 3.80 kg KTQ2M; 1.20 kg W7XAB, to be thawed.'),
  ).toBeInTheDocument();
  expect(screen.getByText(/is in tubs, enough for 7 of 12/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Leave the tubs, make it all' }));
  expect(change).toHaveBeenLastCalledWith({ tubsStay: true });
});

it('adds a dish with its usual serving and takes one out again', async () => {
  const change = page(meal([dish()]));
  await userEvent.selectOptions(screen.getByLabelText('Add a dish'), 'base');
  expect(change).toHaveBeenCalledWith({
    dishes: [
      text.dishes[0],
      expect.objectContaining({ formulaId: 'base', servingText: '140 g', covers: '10' }),
    ],
  });
  await userEvent.click(screen.getByRole('button', { name: 'Take out Ridge ragù' }));
  expect(change).toHaveBeenLastCalledWith({ dishes: [] });
});

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
