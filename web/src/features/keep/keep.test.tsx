import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { problem, standIn } from '../../test/stove';
import { Kept } from './Kept';
import { show, NOW, kitchen, cooling, ways, WAY } from './keep.fixtures';

it('shows the way out, and takes it as it was offered', async () => {
  const asked = standIn(ways(WAY));
  show(<Kept keeping={cooling({})} kitchen={kitchen} now={NOW} inForce="FDA Food Code 2022" />);
  expect(
    await screen.findByText(
      /2 × Gastro tin, 37 mm deep, in ice, from 18 °C on, ice and all, in the Walk-in: 21 °C in about 1 h 10\./,
    ),
  ).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Cool it otherwise' }));
  expect(screen.getByLabelText('How many')).toHaveValue('2');
  await userEvent.click(screen.getByRole('button', { name: 'It stands like that now' }));
  await waitFor(() => expect(asked.some((a) => a.path === '/api/keepings/k1/placings')).toBe(true));
  expect(asked.find((a) => a.path.endsWith('/placings'))?.body.setup).toEqual({
    vesselId: 'tin',
    count: 2,
    place: 'ICE_BATH',
    covered: false,
    thenPlaceId: 'walk-in',
  });
});

it('takes a bare number as degrees, and keeps what was typed when it is refused', async () => {
  const asked = standIn(
    ways('[]'),
    problem(422, '/celsius', '200 °C is more than 120 °C.', 'Choose a value from -30 to 120 °C.'),
    ways('[]'),
  );
  show(<Kept keeping={cooling({})} kitchen={kitchen} now={NOW} inForce="FDA Food Code 2022" />);
  await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
  await userEvent.type(screen.getByLabelText('The thermometer shows'), '66');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText(/200 °C is more than 120 °C/)).toBeVisible();
  expect(screen.getByLabelText('The thermometer shows')).toHaveValue('66');
  expect(asked.find((a) => a.path.endsWith('/readings'))?.body).toMatchObject({
    celsius: 66,
    enteredText: '66 °C',
  });
});

it('offers tubs only for what is cold in time, and nothing but the bin for what is lost', () => {
  standIn();
  const { unmount } = show(
    <Kept
      keeping={cooling({ verdict: 'PASSED', action: 'PUT_AWAY' })}
      kitchen={kitchen}
      now={NOW}
      inForce="x"
    />,
  );
  expect(screen.getByRole('link', { name: 'Into tubs' })).toHaveAttribute(
    'href',
    '/keep/put-away?cooling=k1',
  );
  expect(screen.getByText('by FDA Food Code 2022, which was in force then')).toBeVisible();
  unmount();
  show(
    <Kept
      keeping={cooling({ verdict: 'MISSED', action: 'DISCARD' })}
      kitchen={kitchen}
      now={NOW}
      inForce="x"
    />,
  );
  expect(screen.queryByRole('link', { name: 'Into tubs' })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Reheat and begin again' })).toBeNull();
  expect(screen.getByRole('button', { name: 'Throw it away' })).toBeVisible();
});

it('wants a reason before it is thrown away', async () => {
  const asked = standIn();
  show(
    <Kept
      keeping={cooling({ verdict: 'MISSED', action: 'DISCARD' })}
      kitchen={kitchen}
      now={NOW}
      inForce="x"
    />,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('Why'), 'missed 21');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(asked.find((a) => a.path.endsWith('/closings'))?.body).toMatchObject({
      as: 'DISCARDED',
      reason: 'missed 21',
    }),
  );
});
