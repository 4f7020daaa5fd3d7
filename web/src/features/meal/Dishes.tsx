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
  };
}

/** Who eats what: formulas with covers and servings, and eaters who leave something out. */
export function Dishes({ text, meal, shelf, units, change, faultAt }: Props) {
  const { dishes } = text;
  const options = shelf.map((f) => [f.id, f.name] as const);
  return (
    <Box component="section" aria-label="Dishes">
      <Text variant="h2">Who eats what</Text>
      {dishes.map((d, i) => (
        <Dish
          key={d.key}
          dish={d}
          made={meal.dishes[i]?.formulaId === d.formulaId ? meal.dishes[i] : undefined}
          shelf={shelf}
          units={units}
          change={(to) => change({ dishes: dishes.with(i, { ...d, ...to }) })}
          onDrop={() => change({ dishes: dishes.toSpliced(i, 1) })}
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
