import { expect, it } from 'vitest';
import type { Taken } from '../../api/occupancy';
import type { FormulaSummary } from '../../api/client';
import { afterLighting, arriving, shareOf, type PlanForm } from './form';
import { form, kitchen, sauce } from './form.fixtures';
import { understand } from './understand';

it('turns what a cook types into SI, with the text beside it', () => {
  const { request, faults } = understand(form, sauce, kitchen, new Map());
  expect(faults).toEqual({});
  expect(request).toMatchObject({
    formulaId: sauce.id,
    targetText: '10,5 %',
    covers: 34,
    servingText: '4 oz',
    targetSolidsFraction: 0.105,
    readyByLocalTime: '18:30',
    vesselId: 'middle',
    heatSourceId: 'gas',
  });
  expect(request?.servingMassKilograms).toBeCloseTo(0.1134, 4);
});

it('says every field that cannot be meant, and asks nothing of the server', () => {
  const { request, faults } = understand(
    { ...form, covers: '3.5', serving: '1,500', readyBy: 'later', target: 'thick' },
    sauce,
    kitchen,
    new Map(),
  );
  expect(request).toBeUndefined();
  expect(Object.keys(faults).sort()).toEqual(['covers', 'readyBy', 'serving', 'target']);
});

it('takes a thickness by the plate, and a serving by the kitchen’s own ladle', () => {
  const { request } = understand(
    { ...form, target: '91 mm', serving: '1 ladle' },
    sauce,
    kitchen,
    new Map(),
  );
  expect(request).toMatchObject({
    targetSpreadMeters: 0.091,
    targetText: '91 mm',
    servingMassKilograms: 0.13,
  });
  expect(request).not.toHaveProperty('targetSolidsFraction');
});

it('weighs a serving that is ladled as this sauce weighs', () => {
  const { request } = understand({ ...form, serving: '¾ cup' }, sauce, kitchen, new Map());
  expect(request?.servingMassKilograms).toBeCloseTo(0.75 * 0.2365882 * 1.03, 4);
  expect(request?.servingText).toBe('');
});

it('takes the pot and burner that were chosen, and others when they are gone', () => {
  expect(
    understand({ ...form, vesselId: 'big' }, sauce, kitchen, new Map()).request?.vesselId,
  ).toBe('big');
  expect(
    understand({ ...form, vesselId: 'sold' }, sauce, kitchen, new Map()).request?.vesselId,
  ).toBe('middle');
});

it('asks for the number that a set burner or an oven needs', () => {
  expect(
    understand({ ...form, way: 'OVEN', oven: '275 °F' }, sauce, kitchen, new Map()).request
      ?.heating,
  ).toMatchObject({ way: 'OVEN', ovenCelsius: 135, ovenId: 'deck', fan: false });
  expect(
    understand({ ...form, way: 'BURNER', burner: '60 %' }, sauce, kitchen, new Map()).request
      ?.heating,
  ).toMatchObject({ way: 'BURNER', burnerShare: 0.6 });
  expect(
    understand({ ...form, way: 'OVEN', oven: 'hot' }, sauce, kitchen, new Map()).faults.heating,
  ).toContain('°C or °F');
});

it('takes a thickness as it gets in a time', () => {
  const { request } = understand({ ...form, target: '40 min' }, sauce, kitchen, new Map());
  expect(request).toMatchObject({ targetSimmerSeconds: 2400, targetText: '40 min' });
  expect(request).not.toHaveProperty('targetSolidsFraction');
});

it('sizes by what there is, leaves empty lines out, and plans for those who eat until there is one', () => {
  const stock: PlanForm = {
    ...form,
    covers: 'any',
    sizedBy: 'STOCK',
    available: [
      { ingredientId: 'onion', text: '2 lb' },
      { ingredientId: 'basil', text: '' },
    ],
  };
  const { request, faults } = understand(stock, sauce, kitchen, new Map());
  expect(faults).toEqual({});
  expect(request?.available).toEqual([
    { ingredientId: 'onion', text: '2 lb', massKilograms: expect.closeTo(0.9072, 4) as number },
  ]);
  expect(understand({ ...stock, available: [] }, sauce, kitchen, new Map()).request).toMatchObject({
    sizedBy: 'COVERS',
    covers: 1,
    available: [],
  });
  expect(
    understand(
      { ...stock, available: [{ ingredientId: 'onion', text: 'some' }] },
      sauce,
      kitchen,
      new Map(),
    ).faults.available,
  ).toBeDefined();
  expect(
    understand({ ...form, covers: 'any', sizedBy: 'POT' }, sauce, kitchen, new Map()).faults,
  ).toEqual({});
});

it('brings the thickness, the heat and the lid of a formula along', () => {
  const oven = {
    id: 'glow',
    targetSolidsFraction: 0.145,
    simmer: { level: 'OVEN', lid: 'OFF', ovenCelsius: 132 },
  } as FormulaSummary;
  expect(arriving(oven, [], 'US')).toMatchObject({ oven: '269.6 °F' });
  expect(arriving(oven, [], 'METRIC')).toMatchObject({
    formulaId: 'glow',
    target: '14.5 %',
    way: 'OVEN',
    oven: '132 °C',
    lid: 'OFF',
  });
  expect(
    arriving(
      { id: 'ragu', simmer: { level: 'GENTLE', lid: 'AJAR' } } as FormulaSummary,
      [],
      'METRIC',
    ),
  ).toMatchObject({ way: 'GENTLE', lid: 'AJAR' });
});

const taken: Taken = new Map([
  [
    'middle',
    {
      name: 'Ridge ragù',
      holderId: 'b',
      kind: 'BATCH',
      vesselId: 'middle',
      since: '2026-03-02T12:00:00Z',
    },
  ],
]);

it('proposes a free pot, and leaves the cook the one that is chosen', () => {
  expect(understand(form, sauce, kitchen, taken).request?.vesselId).not.toBe('middle');
  expect(understand({ ...form, vesselId: 'middle' }, sauce, kitchen, taken).request?.vesselId).toBe(
    'middle',
  );
});

it('keeps the other pots of a batch in mind until each is lit', () => {
  const shares = [
    { vesselId: 'big', covers: 20, lit: false },
    { vesselId: 'middle', covers: 14, lit: false },
  ] as const;
  const first = { ...form, ...shareOf([...shares], shares[0]) };
  expect(first).toMatchObject({ covers: '20', vesselId: 'big' });
  const second = { ...first, heatSourceId: 'gas', ...afterLighting(first, 'big') };
  expect(second).toMatchObject({ covers: '14', vesselId: 'middle', heatSourceId: '' });
  expect(second.shares.map((s) => s.lit)).toEqual([true, false]);
  expect(afterLighting(second, 'middle')).toEqual({ shares: [] });
  expect(afterLighting(second, 'small'), 'in another pot than was planned').toEqual({ shares: [] });
  expect(afterLighting(first, 'small')).toMatchObject({ covers: '14', vesselId: 'middle' });
});
