import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LotView } from '../../api/client';
import { standIn } from '../../test/stove';
import { UseSheet } from './LotSheets';
import { choiceOf, formOf } from './setup';
import { show, kitchen, ways } from './keep.fixtures';

describe('a tub', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());
  const lot = { id: 'l1', name: 'Larder base', massKilograms: 3.8, eachKilograms: 1.01 } as LotView;

  it('goes to a dish that is named, one tub unless another amount is said', async () => {
    const asked = standIn(ways('[]'));
    show(<UseSheet lot={lot} kitchen={kitchen} onClose={() => undefined} />);
    expect(screen.getByLabelText('How much')).toHaveValue('1.01 kg');
    expect(screen.getByRole('button', { name: 'It is used' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('For what dish'), 'baked pasta');
    await userEvent.click(screen.getByRole('button', { name: 'It is used' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
        massKilograms: 1.01,
        massText: '1.01 kg',
        dish: 'baked pasta',
      }),
    );
  });

  it('goes into a pot on the stove without a dish', async () => {
    const asked = standIn(ways(JSON.stringify([{ id: 'b1', name: 'Plain marinara' }])));
    show(<UseSheet lot={lot} kitchen={kitchen} onClose={() => undefined} />);
    await userEvent.selectOptions(
      await screen.findByLabelText('Into'),
      'the pot of Plain marinara',
    );
    expect(screen.queryByLabelText('For what dish')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'It is used' }));
    await waitFor(() =>
      expect(asked.find((a) => a.path === '/api/lots/l1/uses')?.body).toMatchObject({
        batchId: 'b1',
        dish: '',
      }),
    );
  });
});

describe('a setup', () => {
  it('goes on from ice into the coldest air, never into a freezer', () => {
    const form = {
      vesselId: 'tin',
      count: '2',
      place: 'ICE_BATH',
      covered: 'no',
      stirred: '10',
    } as const;
    expect(choiceOf(form, kitchen)).toEqual({
      vesselId: 'tin',
      count: 2,
      covered: false,
      place: 'ICE_BATH',
      stirredEveryMinutes: 10,
      thenPlaceId: 'walk-in',
    });
    expect(choiceOf({ ...form, place: 'walk-in', stirred: 'never' }, kitchen)).toEqual({
      vesselId: 'tin',
      count: 2,
      covered: false,
      place: 'FAN_REFRIGERATOR',
      coldPlaceId: 'walk-in',
    });
    expect(choiceOf({ ...form, count: '1.5' }, kitchen)).toBeUndefined();
    expect(
      formOf({
        vesselId: 'tin',
        count: 3,
        place: 'FAN_REFRIGERATOR',
        coldPlaceId: 'walk-in',
        covered: true,
      }),
    ).toMatchObject({ count: '3', place: 'walk-in', covered: 'yes' });
  });
});
