import type { KitchenView, MealView } from '../../../api/client';
import { Declaration } from '../../../ui/Declaration';
import { DropPicture } from './DropPicture';
import { PickUps } from './PickUps';
import { PlateBalance } from './PlateBalance';
import { PlateLine } from './PlateLine';
import { SauceBefore } from './SauceBefore';

interface Props {
  made: MealView['dishes'][number];
  kitchen: KitchenView;
  onPlan: (targetSolidsFraction: number) => void;
}

/** What a dish comes to as a whole: its plates, what is in them, and how its sauce has to be. */
export function DishMade({ made, kitchen, onPlan }: Props) {
  const { units, currency } = kitchen.settings;
  return (
    <>
      <PlateLine made={made} units={units} currency={currency} />
      {made.pickUps && <PickUps pickUps={made.pickUps} />}
      <Declaration of={made.declaration} avoided={made.avoided} />
      <SauceBefore before={made.sauceBefore} units={units} onPlan={onPlan} />
      {made.drops && <DropPicture list={made.drops} units={units} />}
      <PlateBalance plates={made.plates} />
    </>
  );
}
