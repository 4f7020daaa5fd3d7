import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { dish } from '../meal.fixtures';
import { CHEESE, pasta, pieces, SHEETS, SPAGHETTI, STEAKS, tray } from './beside.fixtures';
import { stove } from './serving.fixtures';

it('says what to do at the stove on the clock of the plates', async () => {
  await stove([SPAGHETTI], [{ pasta }]);
  const steps = within(screen.getByRole('list', { name: 'At the stove' }));
  expect(steps.getByText('17:45')).toBeVisible();
  expect(steps.getByText('95 g')).toBeVisible();
  expect(steps.getByText('18:17')).toBeVisible();
  expect(steps.getByText('75 g of its water')).toBeVisible();
  expect(screen.getByText(/1.26 times as long as at the sea/)).toBeVisible();
});

it('goes by the hour of its own that a dish has, and changes that one', async () => {
  const kept = await stove([SPAGHETTI], [{ pasta }], {}, '02:00');
  const steps = within(screen.getByRole('list', { name: 'At the stove' }));
  expect(steps.getByText('01:15')).toBeVisible();
  const field = screen.getByLabelText('Plates go out at');
  await userEvent.clear(field);
  await userEvent.type(field, '03:00');
  await waitFor(() => expect(kept.at(-1)?.dishes[0]?.servedLocalTime).toBe('03:00'));
  expect(kept.at(-1)?.servedLocalTime).toBe('18:30');
});

it('tells what cheese over it makes of the sauce', async () => {
  const salt = { taste: 'SALT', now: 1.1, after: 1.4, low: 0.9, high: 1.3 };
  const kept = await stove([CHEESE], [{ name: 'Hard cheese', goods: { overSauce: true } }], {
    plates: [{ ...dish().plates[0], tastes: [salt] }],
  });
  expect(screen.getByLabelText(/Salt: 1.1\d* % now, 1.40 % on the table, past/)).toBeVisible();
  expect(screen.getByText(/500 g for 3, eaten with the sauce/)).toBeVisible();
  await userEvent.selectOptions(screen.getByLabelText('Where'), 'beside it');
  await waitFor(() => expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.goods?.overSauce).toBe(false));
});

it('keeps what is typed of the pasta', async () => {
  const kept = await stove([SPAGHETTI], [{ pasta }]);
  const salt = screen.getByLabelText('Salt, g a litre');
  await userEvent.clear(salt);
  await userEvent.type(salt, '7');
  await waitFor(() =>
    expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.pasta?.saltGramsPerLiter).toBe(7),
  );
});

it('says that the water boils later than reckoned, by its probe', async () => {
  const kept = await stove([SPAGHETTI], [{ pasta: { ...pasta, reckonedToTheBoilSeconds: 1200 } }]);
  expect(screen.getByText(/boils 5 min later than reckoned/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'A probe shows' }));
  await userEvent.type(screen.getByLabelText('Probe 1, after'), '10 min');
  await userEvent.type(screen.getByLabelText('Probe 1 shows'), '40 °C');
  await waitFor(() =>
    expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.pasta?.waterReading).toEqual({
      minutes: 10,
      waterCelsius: 40,
    }),
  );
});

it('shows taste and code side by side, and that taste alone does not meet it', async () => {
  await stove([STEAKS], [{ piece: pieces, warnings: ['count it for 3'] }]);
  const steps = within(screen.getByRole('list', { name: 'From the first heat on' }));
  expect(steps.getByText('9 min')).toBeVisible();
  expect(steps.getByText('15 min')).toBeVisible();
  expect(screen.getByText(/the code is not met/)).toBeVisible();
  expect(screen.getByRole('alert')).toHaveTextContent('count it for 3');
});

it('says where the code is never met, and where it is rubbery', async () => {
  const never = { ...pieces, rule: undefined };
  await stove([STEAKS], [{ piece: { ...never, rubbery: true, tenderAfterSeconds: 1800 } }]);
  expect(screen.getByText('never in this heat')).toBeVisible();
  expect(screen.getByText(/tender again after 30 min/)).toBeVisible();
});

it('takes a probe once both of its fields are filled', async () => {
  const kept = await stove([{ ...STEAKS }], [{ piece: pieces }]);
  await userEvent.click(screen.getByRole('button', { name: 'A probe shows' }));
  await userEvent.type(screen.getByLabelText('Probe 2, after'), '8 min');
  await userEvent.type(screen.getByLabelText('Probe 2 shows'), '41 °C');
  await waitFor(() =>
    expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.piece?.readings).toEqual([
      { minutes: 5, coreCelsius: 30 },
      { minutes: 8, coreCelsius: 41 },
    ]),
  );
});

it('says what a tray lacks, each way out, and plans the sauce thinner', async () => {
  const kept = await stove([SHEETS], [{ tray }], {
    sauceBefore: { solidsFraction: 0.08, nowFraction: 0.105, waterKilograms: -0.21 },
  });
  expect(screen.getByText('Water lacks').parentElement).toHaveTextContent('210 g');
  expect(screen.getByText(/Let the sauce of each tray down with 210 g/)).toBeVisible();
  expect(screen.getByText(/covered 13 min longer/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Make it so' }));
  await waitFor(() => expect(kept.at(-1)?.dishes[0]?.targetSolidsFraction).toBe(0.08));
});

it('hangs several kinds to one moment', async () => {
  await stove([STEAKS], [{ piece: pieces }], {
    drops: {
      vesselName: 'Rondeau',
      spanSeconds: 600,
      overWaitSeconds: 60,
      sauce: [
        { seconds: 0, celsius: 92 },
        { seconds: 60, celsius: 84 },
      ],
      drops: [
        {
          name: 'Fish',
          count: 12,
          thicknessMeters: 0.032,
          round: 0,
          above: false,
          beforeSeconds: 600,
          outBeforeSeconds: 0,
          note: '',
        },
        {
          name: 'Squid',
          count: 24,
          thicknessMeters: 0.005,
          round: 1,
          above: true,
          beforeSeconds: 700,
          outBeforeSeconds: 600,
          note: 'tender',
        },
      ],
    },
  });
  const list = screen.getByRole('region', { name: 'Into the sauce' });
  expect(list).toHaveTextContent('10 min before out: 12 Fish, in the sauce');
  expect(list).toHaveTextContent('on top, in steam; out again 10 min before the rest');
  expect(list).toHaveTextContent('wait longer than they like');
});

it('begins what is chosen, as is usual', async () => {
  const kept = await stove([], []);
  await userEvent.selectOptions(screen.getByLabelText('Goes with'), 'White fish steak');
  await waitFor(() => expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.covers).toBe(12));
  expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.piece?.thicknessMeters).toBe(0.025);
  await userEvent.click(screen.getByRole('button', { name: 'Take White fish steak out' }));
  await waitFor(() => expect(kept.at(-1)?.dishes[0]?.besides).toBeUndefined());
});

it('keeps what was just typed before it leads on', async () => {
  const kept = await stove([SPAGHETTI], [{ pasta }]);
  const salt = screen.getByLabelText('Salt, g a litre');
  await userEvent.clear(salt);
  await userEvent.type(salt, '6');
  await userEvent.click(screen.getByRole('link', { name: 'The meal' }));
  await waitFor(() => expect(screen.queryByText('On the plate')).not.toBeInTheDocument());
  expect(kept.at(-1)?.dishes[0]?.besides?.[0]?.pasta?.saltGramsPerLiter).toBe(6);
});
