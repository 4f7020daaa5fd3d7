import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { kitchen, problem, serve, show, standIn } from '../../test/stove';
import { LimitForm } from './LimitForm';
import { RulesPage } from './RulesPage';
import type { LimitView, RuleSetView } from '../../api/client';
import { readAs } from '../../quantities';

const hot: LimitView = {
  limit: 'HOT_HOLD',
  inWords: 'Hot food is held at',
  section: '3-501.16',
  unit: 'CELSIUS',
  value: 57,
  basisValue: 57,
  least: 57,
  most: 90,
  laxer: false,
  reason: '',
};
const set = (to: Partial<RuleSetView> = {}): RuleSetView => ({
  id: 'fda',
  name: 'FDA Food Code 2022',
  inForce: true,
  limits: [hot],
  cooking: [],
  changes: [],
  ...to,
});

it('shows the limits in force, and lets only a copy be changed', async () => {
  serve({ '/api/kitchen': kitchen, '/api/rule-sets': [set()] });
  show(<RulesPage />);
  const limits = await screen.findByRole('list', { name: 'Limits' });
  expect(limits).toHaveTextContent('Hot food is held at');
  expect(limits).toHaveTextContent('57 °C');
  expect(limits).toHaveTextContent('3-501.16');
  expect(within(limits).queryByRole('button', { name: /^Change/ })).not.toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Put it in force' })).not.toBeInTheDocument();
});

it('shows another set beside the one in force, and can put it in force', async () => {
  const ours = set({ id: 'ours', name: 'Ours', inForce: false, basisName: 'FDA Food Code 2022' });
  serve({ '/api/kitchen': kitchen, '/api/rule-sets': [set(), ours] });
  show(<RulesPage />);
  await userEvent.click(await screen.findByRole('radio', { name: 'Ours' }));
  expect(screen.getByText(/not in force · our own copy of FDA Food Code 2022/)).toBeVisible();
  expect(screen.getByRole('button', { name: 'Put it in force' })).toBeVisible();
  expect(screen.getByRole('button', { name: 'Change Hot food is held at' })).toBeVisible();
});

it('takes a limit in any degrees, with its reason, and says why it is refused', async () => {
  readAs({ pint: 'US', units: 'US' });
  const asked = standIn(
    problem(422, '/value', 'That is softer than the code.', 'Choose 57 °C or more.'),
  );
  show(<LimitForm set={set()} limit={hot} units="US" onClose={() => undefined} />);
  const sheet = screen.getByRole('dialog', { name: 'Change: Hot food is held at' });
  const field = within(sheet).getAllByRole('textbox')[0] as HTMLElement;
  expect(field).toHaveValue('135 °F');
  await userEvent.clear(field);
  await userEvent.type(field, '130');
  await userEvent.click(within(sheet).getByRole('button', { name: 'Change it' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('That is softer than the code.');
  await waitFor(() =>
    expect(asked[0]).toMatchObject({
      path: '/api/rule-sets/fda/limits/HOT_HOLD',
      body: { value: expect.closeTo(54.44, 1) },
    }),
  );
  expect(field).toHaveValue('130');
});
