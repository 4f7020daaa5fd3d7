import { ThemeProvider } from '@mui/material';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { PlanPreview } from '../../api/client';
import { theme } from '../../theme/theme';
import { Phases } from './Phases';
import type { PhaseChoice } from './form';
import { form, kitchen, sauce } from './form.fixtures';
import { understand } from './understand';

const covered = {
  phase: 0,
  title: 'Covered',
  heating: { way: 'GENTLE', fan: false },
  lid: 'ON',
  otherwise: false,
  seconds: 1200,
} as const;
const shown = (over: object = {}, chosen: PhaseChoice[] = []) => {
  const change = vi.fn();
  const phases = [{ ...covered, ...over }] as PlanPreview['phases'];
  render(
    <ThemeProvider theme={theme}>
      <Phases phases={phases} chosen={chosen} change={change} units="METRIC" />
    </ThemeProvider>,
  );
  return change;
};

it('changes the lid of a part of the simmer, and keeps its heat', async () => {
  const change = shown();
  expect(screen.getByText('Covered, 20 min')).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('Lid in Covered'), 'AJAR');
  expect(change).toHaveBeenCalledWith({ phases: [{ phase: 0, way: 'GENTLE', lid: 'AJAR' }] });
});

it('goes back to what the formula says', async () => {
  const change = shown({ otherwise: true }, [{ phase: 0, way: 'LIVELY', lid: 'OFF' }]);
  await userEvent.click(screen.getByRole('button', { name: 'Covered as the formula says' }));
  expect(change).toHaveBeenCalledWith({ phases: [] });
});

it('leaves an oven as its formula says', () => {
  shown({ heating: { way: 'OVEN', ovenCelsius: 150, fan: true } });
  expect(screen.queryByLabelText('How Covered simmers')).toBeNull();
  expect(screen.getByText('oven 150 °C, fan')).toBeInTheDocument();
});

it('sends what goes otherwise, and no thickness where the stages say when it is done', () => {
  const phases: PhaseChoice[] = [{ phase: 0, way: 'BARE', lid: 'OFF' }];
  const timed = { ...sauce, thickens: false };
  const { request } = understand({ ...form, phases, target: '' }, timed, kitchen, new Map());
  expect(request?.phases).toEqual([{ phase: 0, lid: 'OFF', heating: { way: 'BARE', fan: false } }]);
  expect(request).not.toHaveProperty('targetSolidsFraction');
  expect(understand({ ...form, target: '' }, sauce, kitchen, new Map()).faults.target).toBeTruthy();
});
