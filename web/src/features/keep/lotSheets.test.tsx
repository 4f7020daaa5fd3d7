import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { LotView } from '../../api/client';
import { itIs, problem, standIn } from '../../test/stove';
import { DiscardSheet, MoveSheet, SplitSheet } from './LotSheets';
import { WantSheet } from './WantSheet';
import { kitchen, show } from './keep.fixtures';

beforeEach(() => itIs('2026-03-02T16:00:00Z'));
const lot = (of: Partial<LotView> = {}) =>
  ({
    id: 'l1',
    name: 'Larder base',
    placeId: 'walk-in',
    state: 'CHILLED',
    daysLeft: 4,
    massKilograms: 3.8,
    eachKilograms: 1.01,
    thawingSeconds: 20 * 3600,
    ...of,
  }) as LotView;
const at = (asked: ReturnType<typeof standIn>, path: string) =>
  asked.find((a) => a.path === path)?.body;

it('moves it to another place than where it stands, and says what freezing ends', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<MoveSheet lot={lot()} kitchen={kitchen} onClose={close} />);
  expect(screen.getByLabelText('To')).toHaveValue('chest');
  expect(screen.queryByRole('option', { name: /Walk-in/ })).toBeNull();
  expect(screen.getByText(/its days do not count/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'It is there' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(at(asked, '/api/lots/l1/moves')).toMatchObject({ placeId: 'chest' });
});

it('says how long it thaws where it comes out of the freezer', () => {
  show(
    <MoveSheet
      lot={lot({ placeId: 'chest', state: 'FROZEN' })}
      kitchen={kitchen}
      onClose={vi.fn()}
    />,
  );
  expect(screen.getByText(/thaws through in about/)).toHaveTextContent('its 4 days run from today');
});

it('parts it by a mass of which there is enough, or says why not beside the field', async () => {
  const asked = standIn(
    problem(422, '/massKilograms', 'There are only 3.80 kg of it left.', '3.80 kg or less.'),
  );
  const close = vi.fn();
  show(<SplitSheet lot={lot()} kitchen={kitchen} onClose={close} />);
  const field = screen.getByLabelText('Goes into a lot of its own');
  expect(screen.getByRole('button', { name: 'It is parted' })).toBeDisabled();
  await userEvent.type(field, '9');
  await userEvent.click(screen.getByRole('button', { name: 'It is parted' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('There are only 3.80 kg of it left.');
  expect(field).toHaveValue('9');
  await userEvent.clear(field);
  await userEvent.type(field, '1.9');
  await userEvent.selectOptions(screen.getByLabelText('Where that stands'), 'chest');
  await userEvent.click(screen.getByRole('button', { name: 'It is parted' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(asked.at(-1)?.body).toMatchObject({
    massKilograms: 1.9,
    massText: '1.9 kg',
    placeId: 'chest',
  });
});

it('is thrown away with a reason, which it has where its date is past', async () => {
  const asked = standIn();
  const { unmount } = show(<DiscardSheet lot={lot()} onClose={vi.fn()} />);
  expect(screen.getByRole('button', { name: 'It is thrown away' })).toBeDisabled();
  unmount();
  show(<DiscardSheet lot={lot({ id: 'l2', daysLeft: 0 })} onClose={vi.fn()} />);
  expect(screen.getByLabelText('Why')).toHaveValue('past its date');
  await userEvent.click(screen.getByRole('button', { name: 'It is thrown away' }));
  await waitFor(() =>
    expect(at(asked, '/api/lots/l2/discards')).toMatchObject({ reason: 'past its date' }),
  );
});

it('plans by which noon it is wanted thawed, or that it is not', async () => {
  const asked = standIn();
  const close = vi.fn();
  show(<WantSheet lot={lot()} kitchen={kitchen} onClose={close} />);
  expect(screen.getByLabelText('Thawed by noon of')).toHaveDisplayValue('Wed 4 Mar');
  await userEvent.selectOptions(screen.getByLabelText('Thawed by noon of'), 'Sat 7 Mar');
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }));
  await waitFor(() => expect(close).toHaveBeenCalled());
  expect(at(asked, '/api/lots/l1/wanted')).toEqual({ at: '2026-03-07T11:00:00.000Z' });
  await userEvent.selectOptions(screen.getByLabelText('Thawed by noon of'), 'not planned');
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }));
  await waitFor(() => expect(asked.filter((a) => a.path.endsWith('wanted'))).toHaveLength(2));
  expect(asked.filter((a) => a.path.endsWith('wanted'))[1]?.body).toEqual({});
});
