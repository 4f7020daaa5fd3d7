import { renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { FIRST } from './form';
import { usePlanForm } from './usePlanForm';

it('begins in the kitchen’s own units, and leaves alone what was typed', () => {
  const { result, rerender } = renderHook(({ units }) => usePlanForm(units), {
    initialProps: { units: 'METRIC' as 'METRIC' | 'US' },
  });
  expect(result.current.form).toEqual(FIRST);
  rerender({ units: 'US' });
  expect(result.current.form).toEqual({ ...FIRST, serving: '4 oz', oven: '265 °F' });
  result.current.change({ serving: '90 g' });
  rerender({ units: 'US' });
  expect(result.current.form.serving).toBe('90 g');
});
