import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { text, fit, dish, meal, page } from './meal.fixtures';

afterEach(() => vi.unstubAllGlobals());

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
    without: [],
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
