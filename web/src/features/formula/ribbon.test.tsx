import { ThemeProvider } from '@mui/material';
import { render, screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { FormulaView } from '../../api/client';
import { theme } from '../../theme/theme';
import { Ribbon } from './Ribbon';

const line = {
  ingredientId: 'cod',
  name: 'Cod',
  kind: 'MEAT',
  massKilograms: 0.7,
  afterSeconds: 0,
  note: '',
  firstDoseFraction: 1,
};
const stage = (title: string, over: object = {}, course: object = {}) => ({
  title,
  technique: 'SIMMER',
  heat: 'LIVELY',
  ovenFan: false,
  lid: 'OFF',
  seconds: 300,
  lines: [],
  ready: '',
  tooFar: '',
  thenDo: '',
  takeOuts: [],
  caution: '',
  pause: '',
  ...over,
  course: { vessel: 'POT', end: 'UNSAID', endText: '', tools: [], moves: [], ...course },
});
const step = (start: number, end: number, asideAtStart = 0, asideAtEnd = 0) => ({
  startMassKilograms: start,
  endMassKilograms: end,
  asideAtStartKilograms: asideAtStart,
  asideAtEndKilograms: asideAtEnd,
});
const fish = {
  stages: [
    stage(
      'Sear',
      { lines: [line] },
      {
        vessel: 'PAN',
        tools: ['press'],
        moves: [{ way: 'OUT', ingredientId: 'cod', shareFraction: 1 }],
      },
    ),
    stage('Sauce', {}, { end: 'VOLUME', endValue: 0.0002366, endText: '1 cup' }),
    stage(
      'Back in',
      { lid: 'ON', heat: 'BURNER', burnerShare: 0.4 },
      {
        end: 'MASS',
        endValue: 0.9,
        moves: [{ way: 'BACK', ingredientId: 'cod', shareFraction: 0.5, afterMinutes: 2 }],
      },
    ),
  ],
  analysis: { ribbon: [step(0.75, 0.74, 0, 0.7), step(1.5, 1.4, 0.7, 0.7), step(1.4, 1.3)] },
} as unknown as FormulaView;

const rows = () => {
  render(
    <ThemeProvider theme={theme}>
      <Ribbon formula={fish} units="METRIC" />
    </ThemeProvider>,
  );
  return within(screen.getByRole('list', { name: 'Stages' }))
    .getAllByRole('listitem')
    .filter((item) => item.querySelector('svg'));
};

it('draws what is in the pot, and tells what stands beside it', () => {
  rows();
  expect(
    screen.getByRole('img', { name: 'In the pot: 750 g, then 40 g; 700 g beside it' }),
  ).toBeInTheDocument();
  expect(
    screen.getByRole('img', { name: 'In the pot: 800 g, then 700 g; 700 g beside it' }),
  ).toBeInTheDocument();
  expect(
    screen.getByRole('img', { name: /In the pot: 1.40 kg, then 1.30 kg; fullest 1.40 kg/ }),
  ).toBeInTheDocument();
});

it('says of each stage what ends it, what it needs, and which pieces come and go', () => {
  const [sear, sauce, back] = rows();
  expect(sear).toHaveTextContent('in a pan beside it · press');
  expect(sear).toHaveTextContent('cod out at its end');
  expect(sauce).toHaveTextContent('down to 1 cup');
  expect(back).toHaveTextContent('burner set to 40 %, lid on');
  expect(back).toHaveTextContent('down to 900 g');
  expect(back).toHaveTextContent('50 % of cod back in after 2 min');
});
