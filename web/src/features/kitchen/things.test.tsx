import { ThemeProvider } from '@mui/material';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { KitchenView, OvenView } from '../../api/client';
import { kitchen, problem, show, standIn } from '../../test/stove';
import { theme } from '../../theme/theme';
import { Ovens } from './Ovens';
import { Measures } from './Things';
import { MeasureForm } from './MeasureForm';
import { OvenForm } from './OvenForm';

afterEach(() => vi.unstubAllGlobals());

const oven: OvenView = {
  id: 'o1',
  name: 'Deck oven',
  widthMeters: 0.65,
  widthText: '',
  depthMeters: 0.5,
  depthText: '50 cm',
  heightMeters: 0.26,
  heightText: '',
  hottestCelsius: 280,
  fan: true,
  retired: false,
  version: 4,
};

it('sends a measure as one small word with its text, and says at its field when the word is taken', async () => {
  const asked = standIn(problem(422, '/name', 'There is a ladle already.', 'Choose another name.'));
  const close = vi.fn();
  show(<MeasureForm measure={undefined} goods={[]} units="METRIC" onClose={close} />);
  const word = screen.getByLabelText('One word, such as ladle or handful');
  await userEvent.type(word, ' Ladle');
  await userEvent.type(screen.getByLabelText('One holds'), '4,6 oz');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent(
    'There is a ladle already. Choose another name.',
  );
  expect(asked[0]).toMatchObject({
    path: '/api/measures',
    body: { name: 'ladle', massKilograms: expect.closeTo(0.1304), massText: '4,6 oz' },
  });
  await userEvent.clear(word);
  await userEvent.type(word, 'scoop');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
});

it('does not save a measure that weighs nothing understood', async () => {
  show(<MeasureForm measure={undefined} goods={[]} units="METRIC" onClose={vi.fn()} />);
  await userEvent.type(screen.getByLabelText('One word, such as ladle or handful'), 'scoop');
  await userEvent.type(screen.getByLabelText('One holds'), '1,500');
  expect(screen.getByRole('alert')).toHaveTextContent('Is 1,500 1500 or 1.500?');
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
});

it('changes an oven of the version that was seen, and puts it out of use', async () => {
  const asked = standIn();
  show(<OvenForm oven={oven} units="METRIC" onClose={vi.fn()} />);
  expect(screen.getByLabelText('Wide inside')).toHaveValue('65 cm');
  const high = screen.getByLabelText('High inside, above the lowest shelf');
  await userEvent.clear(high);
  await userEvent.type(high, '10 in');
  await userEvent.click(screen.getByRole('radio', { name: 'has none' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]?.body).toMatchObject({
    id: 'o1',
    widthMeters: 0.65,
    heightMeters: expect.closeTo(0.254),
    heightText: '10 in',
    hottestCelsius: 280,
    fan: false,
  });
  await userEvent.click(screen.getByRole('button', { name: 'Put out of use' }));
  await waitFor(() => expect(asked.at(-1)?.path).toBe('/api/ovens/o1/retired'));
});

it('shows what is there, and what to do where nothing is', () => {
  const equipped = {
    ...kitchen,
    ovens: [oven],
    measures: [
      { id: 'm1', name: 'ladle', massKilograms: 0.13, massText: '', retired: false, version: 1 },
    ],
  } as KitchenView;
  show(
    <ThemeProvider theme={theme}>
      <Ovens kitchen={equipped} onEdit={vi.fn()} />
      <Measures kitchen={equipped} onEdit={vi.fn()} />
    </ThemeProvider>,
  );
  expect(
    screen.getByText('65 cm wide, 50 cm deep, 26 cm high inside · to 280 °C · fan'),
  ).toBeInTheDocument();
  expect(screen.getByRole('img', { name: 'Deck oven, to scale' })).toBeInTheDocument();
  expect(screen.getByText('holds 130 g')).toBeInTheDocument();
  show(
    <ThemeProvider theme={theme}>
      <Ovens kitchen={kitchen} onEdit={vi.fn()} />
      <Measures kitchen={kitchen} onEdit={vi.fn()} />
    </ThemeProvider>,
  );
  expect(screen.getByText(/^No oven yet/)).toBeInTheDocument();
  expect(screen.getByText(/^None yet/)).toBeInTheDocument();
});
