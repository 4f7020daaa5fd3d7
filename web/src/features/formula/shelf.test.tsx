import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { FormulaSummary, FormulaView } from '../../api/client';
import { kitchen, serve, show } from '../../test/stove';
import { FormulasPage } from './FormulasPage';
import { Ribbon } from './Ribbon';

const formula = (id: string, to: Partial<FormulaSummary>): FormulaSummary =>
  ({
    id,
    name: id,
    inShort: '',
    version: 1,
    own: false,
    family: 'PLAIN',
    familyWords: 'Plain',
    uses: [],
    choices: [],
    startSolidsFraction: 0.06,
    madeMassKilograms: 1,
    saltFraction: 0.008,
    unfinished: false,
    allergens: [],
    asked: [],
    unknown: [],
    keeps: [],
    avoided: [],
    ribbonMassesKilograms: [1, 0.6],
    servings: [],
    ...to,
  }) as FormulaSummary;

const shelf = () => {
  serve({
    '/api/kitchen': kitchen,
    '/api/formulas': [
      formula('Marinara', { keeps: ['vegan'], uses: ['PIZZA'] as never }),
      formula('Ridge ragù', { familyWords: 'Ragù', family: 'RAGU', allergens: ['milk'] }),
    ],
  });
  show(<FormulasPage />);
};

it('stands by family, and is found by name and diet', async () => {
  shelf();
  const ragus = await screen.findByRole('region', { name: 'Ragù' });
  expect(within(ragus).getByText('Ridge ragù')).toBeInTheDocument();
  const find = screen.getByLabelText('Find by name, diet or allergen');
  await userEvent.type(find, 'vegan');
  expect(await screen.findByText('Marinara')).toBeInTheDocument();
  expect(screen.queryByText('Ridge ragù')).not.toBeInTheDocument();
  await userEvent.clear(find);
  await userEvent.type(find, 'no milk');
  expect(await screen.findByText('Marinara')).toBeInTheDocument();
  expect(screen.queryByText('Ridge ragù')).not.toBeInTheDocument();
  await userEvent.clear(find);
  await userEvent.type(find, 'beetroot');
  expect(await screen.findByText(/Nothing on the shelf fits/)).toBeInTheDocument();
});

const step = (title: string, startMassKilograms: number, endMassKilograms: number) => ({
  title,
  addedMassKilograms: 0,
  startMassKilograms,
  endMassKilograms,
  asideAtStartKilograms: 0,
  asideAtEndKilograms: 0,
  solidsFraction: 0.1,
});
const line = (name: string, to: object) => ({
  ingredientId: name,
  name,
  massKilograms: 0.1,
  note: '',
  afterSeconds: 0,
  firstDoseFraction: 1,
  kind: 'OTHER',
  ...to,
});
const stage = (title: string, seconds: number, lines: object[]) => ({
  title,
  seconds,
  lines,
  heat: { level: 'GENTLE' },
  lid: 'OFF',
  ovenFan: false,
  course: { vessel: 'POT', end: 'UNSAID', endText: '', tools: [], moves: [] },
  takeOuts: [],
});

it('is a ribbon that says where it is fullest, and what goes in late', () => {
  const ragu = {
    stages: [
      stage('Soffritto', 600, [line('Onion', {})]),
      stage('Simmer', 3600, [
        line('Tomatoes', { kind: 'TOMATO' }),
        line('Milk', { afterSeconds: 2400 }),
      ]),
    ],
    analysis: { ribbon: [step('Soffritto', 0.2, 0.18), step('Simmer', 1.57, 1.02)] },
  } as unknown as FormulaView;
  show(<Ribbon formula={ragu} units="METRIC" />);
  const bands = screen.getAllByRole('img');
  expect(bands[0]).toHaveAccessibleName('In the pot: 200 g, then 180 g');
  expect(bands[1]).toHaveAccessibleName(
    'In the pot: 1.57 kg, then 1.02 kg; fullest 1.57 kg; Milk later',
  );
  expect(screen.getByText(/after 40 min/)).toBeInTheDocument();
});
