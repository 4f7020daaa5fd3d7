import { expect, it } from 'vitest';
import type { Taken } from '../../api/occupancy';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { afterLighting, arriving, shareOf, type PlanForm } from './form';
import { understand } from './understand';

const pot = (id: string, capacityCubicMeters: number) => ({
  id,
  name: id,
  shape: 'ROUND',
  firstWidthMeters: 0.3,
  secondWidthMeters: 0.3,
  depthMeters: 0.2,
  emptyMassKilograms: 0,
  retired: false,
  version: 1,
  capacityCubicMeters,
});
const kitchen = {
  vessels: [pot('small', 0.006), pot('middle', 0.02), pot('big', 0.03)],
  heatSources: [
    {
      id: 'gas',
      name: 'gas',
      kind: 'GAS',
      labelPowerWatts: 5000,
      retired: false,
      version: 1,
      powerIntoPotWatts: 2000,
    },
  ],
  ovens: [{ id: 'deck', name: 'Deck oven', fan: true }],
  measures: [{ name: 'ladle', massKilograms: 0.13 }],
} as unknown as KitchenView;
const form: PlanForm = {
  covers: '34',
  serving: '4 oz',
  readyBy: '6:30pm',
  target: '10,5 %',
  vesselId: '',
  heatSourceId: '',
  way: 'GENTLE',
  burner: '',
  oven: '',
  ovenId: '',
  fan: false,
  lid: 'OFF',
  sizedBy: 'COVERS',
  available: [],
  rounding: 'EXACT',
  packGoal: 'LEAST_COST',
  onTable: '',
  holdLoss: '',
  schools: [],
  shares: [],
  formulaId: '',
};

it('turns what a cook types into SI, with the text beside it', () => {
  const { request, faults } = understand(form, 'plain', kitchen, new Map());
  expect(faults).toEqual({});
  expect(request).toMatchObject({
    formulaId: 'plain',
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
    'plain',
    kitchen,
    new Map(),
  );
  expect(request).toBeUndefined();
  expect(Object.keys(faults).sort()).toEqual(['covers', 'readyBy', 'serving', 'target']);
});

it('takes a thickness by the plate, and a serving by the kitchen’s own ladle', () => {
  const { request } = understand(
    { ...form, target: '91 mm', serving: '1 ladle' },
    'plain',
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

it('takes the pot and burner that were chosen, and others when they are gone', () => {
  expect(
    understand({ ...form, vesselId: 'big' }, 'plain', kitchen, new Map()).request?.vesselId,
  ).toBe('big');
  expect(
    understand({ ...form, vesselId: 'sold' }, 'plain', kitchen, new Map()).request?.vesselId,
  ).toBe('middle');
});

it('asks for the number that a set burner or an oven needs', () => {
  expect(
    understand({ ...form, way: 'OVEN', oven: '275 °F' }, 'plain', kitchen, new Map()).request
      ?.heating,
  ).toMatchObject({ way: 'OVEN', ovenCelsius: 135, ovenId: 'deck', fan: false });
  expect(
    understand({ ...form, way: 'BURNER', burner: '60 %' }, 'plain', kitchen, new Map()).request
      ?.heating,
  ).toMatchObject({ way: 'BURNER', burnerShare: 0.6 });
  expect(
    understand({ ...form, way: 'OVEN', oven: 'hot' }, 'plain', kitchen, new Map()).faults.heating,
  ).toContain('°C or °F');
});

it('takes a thickness as it gets in a time', () => {
  const { request } = understand({ ...form, target: '40 min' }, 'plain', kitchen, new Map());
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
  const { request, faults } = understand(stock, 'plain', kitchen, new Map());
  expect(faults).toEqual({});
  expect(request?.available).toEqual([
    { ingredientId: 'onion', text: '2 lb', massKilograms: expect.closeTo(0.9072, 4) as number },
  ]);
  expect(
    understand({ ...stock, available: [] }, 'plain', kitchen, new Map()).request,
  ).toMatchObject({ sizedBy: 'COVERS', covers: 1, available: [] });
  expect(
    understand(
      { ...stock, available: [{ ingredientId: 'onion', text: 'some' }] },
      'plain',
      kitchen,
      new Map(),
    ).faults.available,
  ).toBeDefined();
  expect(
    understand({ ...form, covers: 'any', sizedBy: 'POT' }, 'plain', kitchen, new Map()).faults,
  ).toEqual({});
});

it('brings the thickness, the heat and the lid of a formula along', () => {
  const oven = {
    id: 'glow',
    targetSolidsFraction: 0.145,
    simmer: { level: 'OVEN', lid: 'OFF', ovenCelsius: 132 },
  } as FormulaSummary;
  expect(arriving(oven, [])).toMatchObject({
    formulaId: 'glow',
    target: '14.5 %',
    way: 'OVEN',
    oven: '132 °C',
    lid: 'OFF',
  });
  expect(
    arriving({ id: 'ragu', simmer: { level: 'GENTLE', lid: 'AJAR' } } as FormulaSummary, []),
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
  expect(understand(form, 'plain', kitchen, taken).request?.vesselId).not.toBe('middle');
  expect(
    understand({ ...form, vesselId: 'middle' }, 'plain', kitchen, taken).request?.vesselId,
  ).toBe('middle');
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
