import { Box, Button, Typography } from '@mui/material';
import type { FormulaSummary, MealView } from '../../api/client';
import { newId } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { Groups } from './Groups';
import type { DishText, MealText } from './useMealDraft';

interface Props { text: MealText; meal: MealView; shelf: FormulaSummary[]; units: Units; change: (to: Partial<MealText>) => void; faultAt: (pointer: string) => string | undefined }

/** Who eats what: formulas with covers and servings, and eaters who leave something out. */
export function Dishes({ text, meal, shelf, units, change, faultAt }: Props) {
  const put = (at: number, to: Partial<DishText>) => change({ dishes: text.dishes.map((d, i) => (i === at ? { ...d, ...to } : d)) });
  const options = shelf.map((f) => [f.id, f.name] as const);
  const add = (formulaId: string) => {
    const serving = shelf.find((f) => f.id === formulaId)?.servings.find((s) => s.style === 'USUAL')?.sauceMassKilograms ?? 0.13;
    change({ dishes: [...text.dishes, { key: newId(), formulaId, schools: [], covers: '10', servingText: `${Math.round(serving * 1000)} g`, groups: [] }] });
  };
  return (
    <Box component="section" aria-label="Dishes">
      <Typography variant="h2">Who eats what</Typography>
      {text.dishes.map((d, i) => {
        const made = meal.dishes[i]?.formulaId === d.formulaId ? meal.dishes[i] : undefined;
        return (
          <Box key={d.key} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr 1fr', sm: '2.2fr 0.8fr 1fr auto' }, gap: 1.5, alignItems: 'end' }}>
              <Pick label="Dish" value={d.formulaId} options={options} onPick={(formulaId) => put(i, { formulaId, schools: [] })} />
              <TextLine label="Covers" text={d.covers} onText={(covers) => put(i, { covers })} fault={faultAt(`/dishes/${i}/covers`)} />
              <TextLine label="Each gets" text={d.servingText} onText={(servingText) => put(i, { servingText })} fault={faultAt(`/dishes/${i}/servingMassKilograms`)} />
              <Button size="small" aria-label={`Take out ${made?.name ?? 'the dish'}`} onClick={() => change({ dishes: text.dishes.toSpliced(i, 1) })}>×</Button>
            </Box>
            {made && <Typography sx={{ fontSize: sizes.note, color: 'text.secondary', mt: 0.5 }}>makes {show.text(show.mass(made.madeMassKilograms, units))}{Object.entries(made.fryingLoads).map(([stage, n]) => ` · ${stage}: ${n} loads`).join('')} · {made.declaration.allergens.length === 0 ? 'carries no allergen of the law' : `carries ${made.declaration.allergens.map((a) => `${a.words} (${a.causes.join(', ')})`).join(', ')}`}</Typography>}
            <Groups dish={d} made={made} units={units} change={(groups) => put(i, { groups })} />
          </Box>
        );
      })}
      <Box sx={{ maxWidth: 320, mt: 1 }}><Pick label="Add a dish" value="" options={[['', 'choose a formula'] as const, ...options]} onPick={(id) => { if (id) add(id); }} /></Box>
    </Box>
  );
}
