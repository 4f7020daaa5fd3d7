import type { CoolingSetupChoice, KitchenView } from '../../api/client';
import { firstFree, type Taken } from '../../api/occupancy';

/** A setup as it is filled in. */
export interface SetupForm {
  vesselId: string;
  count: string;
  place: string;
  covered: 'yes' | 'no';
  stirred: 'never' | '5' | '10' | '20';
}

/** Ice, tap water and the bench belong to every kitchen; the rest are its own cold places. */
export function placesOf(kitchen: KitchenView): (readonly [string, string])[] {
  const own = kitchen.coldPlaces
    .filter((p) => p.kind !== 'FREEZER')
    .map((p) => [p.id, p.name] as const);
  return [
    ['ICE_BATH', 'ice bath'] as const,
    ...own,
    ['COLD_WATER', 'cold tap water'] as const,
    ['BENCH', 'the bench'] as const,
  ];
}

export const blankSetup = (kitchen: KitchenView, taken: Taken): SetupForm => ({
  vesselId: firstFree(kitchen.vessels, taken)?.id ?? '',
  count: '1',
  place: 'ICE_BATH',
  covered: 'no',
  stirred: 'never',
});

/** The form of a setup that was offered. */
export const formOf = (choice: CoolingSetupChoice): SetupForm => ({
  vesselId: choice.vesselId,
  count: String(choice.count),
  place: choice.coldPlaceId ?? choice.place,
  covered: choice.covered ? 'yes' : 'no',
  stirred: 'never',
});

/** From ice, what has passed the first mark goes on, ice and all, into the coldest air of the kitchen; the rule set says when. */
export function choiceOf(form: SetupForm, kitchen: KitchenView): CoolingSetupChoice | undefined {
  const count = Number(form.count);
  if (!form.vesselId || !Number.isInteger(count) || count < 1) return undefined;
  const own = kitchen.coldPlaces.find((p) => p.id === form.place);
  const bath = form.place === 'ICE_BATH' || form.place === 'COLD_WATER';
  const then = bath
    ? kitchen.coldPlaces
        .filter((p) => p.kind !== 'FREEZER')
        .toSorted((a, b) => a.celsius - b.celsius)[0]
    : undefined;
  return {
    vesselId: form.vesselId,
    count,
    covered: form.covered === 'yes',
    place: own
      ? (own.kind as CoolingSetupChoice['place'])
      : (form.place as CoolingSetupChoice['place']),
    ...(own ? { coldPlaceId: own.id } : {}),
    ...(form.stirred === 'never' ? {} : { stirredEveryMinutes: Number(form.stirred) }),
    ...(then ? { thenPlaceId: then.id } : {}),
  };
}
