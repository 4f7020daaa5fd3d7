import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it } from 'vitest';
import { problem, show, standIn } from '../../test/stove';
import { KitchenFacts } from './KitchenFacts';
import { kitchen } from './kitchen.fixtures';

beforeEach(() => sessionStorage.clear());

it('reads as sentences', () => {
  show(<KitchenFacts kitchen={kitchen} />);
  const about = screen.getByRole('region', { name: 'About the kitchen' });
  expect(about).toHaveTextContent('2350 m above the sea');
  expect(about).toHaveTextContent('The room is at 20 °C, humidity 50 %');
  expect(about).toHaveTextContent('Probe 1 °C');
  expect(about).toHaveTextContent('Metric first, the US pint, the hour as 18:30');
});

it('changes how it writes, and nothing else', async () => {
  const asked = standIn();
  show(<KitchenFacts kitchen={kitchen} />);
  await userEvent.click(screen.getByRole('button', { name: 'Change: How it writes things' }));
  const sheet = screen.getByRole('dialog');
  await userEvent.click(within(sheet).getByRole('radio', { name: '6:30 pm' }));
  await userEvent.click(within(sheet).getByRole('radio', { name: 'comma, 1,5' }));
  await userEvent.click(within(sheet).getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
  expect(asked[0]?.body).toMatchObject({
    hours: 'H12',
    decimalMark: 'COMMA',
    units: 'METRIC',
    altitudeMeters: 2350,
    scaleErrorText: '20 g',
  });
  expect(asked[0]?.body).not.toHaveProperty('version');
});

it('keeps on its sheet what the server refuses, in the unit that was typed', async () => {
  standIn(
    new Response(
      JSON.stringify({
        title: 'x',
        status: 422,
        detail: 'm',
        errors: [
          {
            pointer: '/altitudeMeters',
            code: 'too-large',
            message: '6096 m is more than 5000 m.',
            remedy: 'Choose a value from -450 to 5000 m.',
            limit: '',
            bounds: { least: -450, most: 5000, unit: 'm' },
          },
        ],
      }),
      { status: 422, headers: { 'content-type': 'application/problem+json' } },
    ),
  );
  show(<KitchenFacts kitchen={kitchen} />);
  await userEvent.click(screen.getByRole('button', { name: 'Change: Where it stands' }));
  const field = screen.getByLabelText('Altitude');
  await userEvent.clear(field);
  await userEvent.type(field, '20000 ft');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent(
    '20000 ft is too much. Choose −1476 to 16404 ft.',
  );
  expect(field).toHaveValue('20000 ft');
});

it('says at its field that a zone is none', async () => {
  standIn(problem(422, '/zone', 'That is not a time zone.', 'Type it as region/city.'));
  show(<KitchenFacts kitchen={kitchen} />);
  await userEvent.click(screen.getByRole('button', { name: 'Change: Where it stands' }));
  expect(screen.getByText(/^it is \d\d:\d\d$/)).toBeInTheDocument();
  const field = screen.getByLabelText('Time zone');
  await userEvent.clear(field);
  await userEvent.type(field, 'Mars/Base');
  expect(screen.queryByText(/^it is/)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('That is not a time zone.');
});
