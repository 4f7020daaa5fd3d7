import { Box } from '@mui/material';
import { newId, type FormulaSummary, type MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Pick } from '../../ui/fields';
import { Text } from '../../ui/text';
import { Bases } from './Bases';
import { Dish } from './Dish';
import type { DishText, MealText } from './useMealDraft';

interface Props {
  text: MealText;
  meal: MealView;
  shelf: FormulaSummary[];
  units: Units;
  change: (to: Partial<MealText>) => void;
  faultAt: (pointer: string) => string | undefined;
  /** Keeps what was just typed; left out where nothing is kept. */
  flush?: () => Promise<void>;
}
const FIRST_SERVING_KG = 0.13;

/** A dish as it is added: for ten, as much of it as is usual. */
function newDish(formulaId: string, shelf: FormulaSummary[], units: Units): DishText {
  const usual = shelf
    .find((f) => f.id === formulaId)
    ?.servings.find((s) => s.style === 'USUAL')?.sauceMassKilograms;
  return {
    key: newId(),
    formulaId,
    schools: [],
    covers: '10',
    servingText: show.typedMass(usual ?? FIRST_SERVING_KG, units),
    groups: [],
    besides: [],
    served: '',
  };
}

/** What a dish comes to, once the kitchen has heard of it. */
const made = (meal: MealView, dish: DishText, i: number) =>
  meal.dishes[i]?.formulaId === dish.formulaId ? meal.dishes[i] : undefined;

/** Who eats what: formulas with covers and servings, and eaters who leave something out. */
export function Dishes({ text, meal, shelf, units, change, faultAt, flush }: Props) {
  const { dishes } = text;
  const options = shelf.map((f) => [f.id, f.name] as const);
  return (
    <Box component="section" aria-label="Dishes">
      <Text variant="h2">Who eats what</Text>
      {dishes.map((d, i) => (
        <Dish
          key={d.key}
          dish={d}
          made={made(meal, d, i)}
          shelf={shelf}
          units={units}
          hasTwin={dishes.some((other) => other !== d && other.formulaId === d.formulaId)}
          change={(to) => change({ dishes: dishes.with(i, { ...d, ...to }) })}
          onDrop={() => change({ dishes: dishes.toSpliced(i, 1) })}
          {...(flush && made(meal, d, i) && { stove: { mealId: meal.id, place: i, flush } })}
          faultAt={(field) => faultAt(`/dishes/${i}/${field}`)}
        />
      ))}
      <Bases
        bases={meal.bases}
        units={units}
        tubsStay={text.tubsStay}
        onTubsStay={(tubsStay) => change({ tubsStay })}
      />
      <Box sx={{ maxWidth: 320, mt: 1 }}>
        <Pick
          label="Add a dish"
          value=""
          options={[['', 'choose a formula'] as const, ...options]}
          onPick={(id) => {
            if (id) change({ dishes: [...dishes, newDish(id, shelf, units)] });
          }}
        />
      </Box>
    </Box>
  );
}
