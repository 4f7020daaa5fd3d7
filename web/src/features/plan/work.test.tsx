import { screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { PlanPreview } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { InTheWay } from './InTheWay';
import { Work } from './Work';
import { work, LastTime } from './plan.fixtures';

afterEach(() => vi.unstubAllGlobals());

it('tells the work by the clock, with what is cut on one board, with pot and burner, loads and minutes', () => {
  const { unmount } = show(
    <Work preview={work} units="METRIC" zone="UTC" now={Date.parse('2026-03-02T15:00:00Z')} />,
  );
  expect(screen.queryByText(/should have begun/)).not.toBeInTheDocument();
  expect(screen.getByRole('heading')).toHaveTextContent('The work, 36 min of hands');
  expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
    '15:10dried porcini: soaked 3 min',
    '15:30board onion: fine dice, 200 g; carrot: fine dice, 150 g11 min',
    '15:41light it Rondeau on Gas',
    '15:55brown the meat 3 loads of 510 g21 min',
  ]);
  unmount();
  show(<Work preview={work} units="METRIC" zone="UTC" now={Date.parse('2026-03-02T15:20:00Z')} />);
  expect(screen.getByText(/should have begun at 15:10/)).toBeInTheDocument();
});

it('says what may still stand there when it is to be lit, and until when', () => {
  const inTheWay = [
    {
      name: 'Ridge ragù',
      inThatPot: true,
      likelyFree: '2026-03-02T15:50:00Z',
      latestFree: '2026-03-02T16:05:00Z',
    },
    { name: 'Marinara', inThatPot: false },
  ];
  show(
    <InTheWay
      preview={
        { plan: { hours: { lightAt: '2026-03-02T15:41:00Z' } }, inTheWay } as unknown as PlanPreview
      }
      zone="UTC"
    />,
  );
  expect(
    screen.getByText(
      'Ridge ragù may still be in that pot at 15:41: it is free about 15:50, at the latest 16:05.',
    ),
  ).toBeInTheDocument();
  expect(
    screen.getByText('Marinara may still be in that place at 15:41: nobody knows until when.'),
  ).toBeInTheDocument();
});

it('offers the widths of the last batches, each width once', async () => {
  const batch = (day: number, spreadMeters: number) => ({
    batchId: `b${day}`,
    spreadMeters,
    bodyFactor: 1,
    readAt: `2026-03-0${day}T12:00:00Z`,
    endedAt: `2026-03-0${day}T12:10:00Z`,
  });
  standIn(
    new Response(
      JSON.stringify([batch(4, 0.091), batch(3, 0.0912), batch(2, 0.08), batch(1, 0.07)]),
      { status: 200, headers: { 'content-type': 'application/json' } },
    ),
  );
  show(<LastTime />);
  await waitFor(() => expect(screen.getAllByRole('radio')).toHaveLength(2));
  expect(screen.getByRole('radio', { name: 'as last time' })).toBeInTheDocument();
  expect(screen.getByRole('radio', { name: 'as on Mon 2 Mar' })).toBeInTheDocument();
});
