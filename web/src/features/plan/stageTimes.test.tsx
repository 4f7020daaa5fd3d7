import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { PlanView } from '../../api/client';
import { show, standIn } from '../../test/stove';
import { StageTimes } from './StageTimes';

afterEach(() => vi.unstubAllGlobals());

const stages = [
  { title: 'Soffritto', seconds: 720 },
  { title: 'Wine', seconds: 240 },
] as unknown as PlanView['stages'];

it('offers the minutes that a stage really took here, and goes back to those as written', async () => {
  const answer = () =>
    Response.json([
      { title: 'Soffritto', seconds: 1080, times: 3 },
      { title: 'Wine', seconds: 250, times: 3 },
    ]);
  standIn(answer(), answer());
  const changes: object[] = [];
  const of = { formulaId: 'pale-ragu', stages, change: (to: object) => changes.push(to) };
  const { unmount } = show(<StageTimes {...of} chosen={[]} />);
  expect(await screen.findByText(/Soffritto took 18 min here, 3 times/)).toBeInTheDocument();
  expect(screen.queryByText(/Wine took/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Plan 18 min' }));
  expect(changes).toEqual([{ stageMinutes: [{ stage: 0, minutes: 18 }] }]);
  unmount();
  show(<StageTimes {...of} chosen={[{ stage: 0, minutes: 18 }]} />);
  await userEvent.click(await screen.findByRole('button', { name: 'Soffritto as written' }));
  expect(changes.at(-1)).toEqual({ stageMinutes: [] });
});
