import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { readAs } from '../../quantities';
import { itIs, kitchen as bare, serve, show } from '../../test/stove';
import type { NeedPart } from './NeedFields';
import { InOtherWords, Wanted } from './Wanted';
import { FIRST, type PlanForm } from './form';

beforeEach(() => itIs('2026-03-02T16:00:00Z'));

const kitchen = {
  ...bare,
  settings: {
    ...bare.settings,
    brothyBelowFraction: 0.07,
    looseBelowFraction: 0.09,
    coatingBelowFraction: 0.12,
    tightBelowFraction: 0.15,
  },
} as KitchenView;
const formula = {
  id: 'plain',
  ladledKilogramsPerCubicMeter: 1030,
  thickens: true,
  servings: [
    { use: 'DRY_PASTA', style: 'LIGHT', sauceMassKilograms: 0.08 },
    { use: 'DRY_PASTA', style: 'USUAL', sauceMassKilograms: 0.11 },
    { use: 'LAYERS', style: 'USUAL', sauceMassKilograms: 0.16 },
  ],
} as unknown as FormulaSummary;

function Need({ of = kitchen, onForm }: { of?: KitchenView; onForm?: (form: PlanForm) => void }) {
  const [form, setForm] = useState<PlanForm>({ ...FIRST, sizedBy: 'COVERS' });
  const put = (key: keyof PlanForm) => (to: string) => {
    setForm((from) => ({ ...from, [key]: to }));
    onForm?.({ ...form, [key]: to });
  };
  const write = {
    covers: put('covers'),
    serving: put('serving'),
    readyBy: put('readyBy'),
    target: put('target'),
  };
  const part = { form, formula, faults: {}, kitchen: of, write } as unknown as NeedPart;
  return (
    <>
      <Wanted {...part} />
      <InOtherWords {...part} />
    </>
  );
}

it('says beside each field what it understood, in the other system and with its day', async () => {
  serve({});
  show(<Need />);
  expect(screen.getByLabelText('Each gets')).toHaveAccessibleDescription('4 oz of sauce');
  expect(screen.getByLabelText('On the table at')).toHaveAccessibleDescription('18:30 today');
  const thick = screen.getByLabelText('Thickness');
  expect(thick).toHaveAccessibleDescription('non-fat solids');
  await userEvent.clear(thick);
  await userEvent.type(thick, '6 cm');
  expect(thick).toHaveAccessibleDescription('a tablespoon spreads on a plate');
  await userEvent.clear(thick);
  await userEvent.type(thick, '40 min');
  expect(thick).toHaveAccessibleDescription('of simmer, however thick');
  const each = screen.getByLabelText('Each gets');
  await userEvent.clear(each);
  await userEvent.type(each, '¾ cup');
  expect(each).toHaveAccessibleDescription('6½ oz of sauce');
});

it('takes a thickness by the kitchen’s bands, and a serving by the schools of its first use', async () => {
  serve({});
  const form = vi.fn();
  show(<Need onForm={form} />);
  await userEvent.click(screen.getByRole('radio', { name: 'tight' }));
  expect(form).toHaveBeenLastCalledWith(expect.objectContaining({ target: '13.5 %' }));
  await userEvent.click(screen.getByRole('radio', { name: 'light, 80 g' }));
  expect(form).toHaveBeenLastCalledWith(expect.objectContaining({ serving: '80 g' }));
  expect(screen.queryByRole('radio', { name: /160 g/ })).toBeNull();
});

it('offers servings in ounces where the kitchen weighs so', async () => {
  readAs({ pint: 'US', units: 'US' });
  serve({});
  const form = vi.fn();
  const us = { ...kitchen, settings: { ...kitchen.settings, units: 'US' } } as KitchenView;
  show(<Need of={us} onForm={form} />);
  await userEvent.click(screen.getByRole('radio', { name: 'light, 2¾ oz' }));
  expect(form).toHaveBeenLastCalledWith(expect.objectContaining({ serving: '2¾ oz' }));
});
