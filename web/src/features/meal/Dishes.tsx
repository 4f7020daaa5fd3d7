import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { FormulaSummary, MealView } from '../../api/client';
import { newId } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Declaration } from '../../ui/Declaration';
import { Pick, TextLine } from '../../ui/fields';
import { Bases } from './Bases';
import { FitLine } from './FitLine';
import { FromBase } from './FromBase';
import { Groups, SomeWithout } from './Groups';
import type { DishText, MealText } from './useMealDraft';

interface Props {
  text: MealText;
  meal: MealView;
  shelf: FormulaSummary[];
  units: Units;
  change: (to: Partial<MealText>) => void;
  faultAt: (pointer: string) => string | undefined;
}

/** Who eats what: formulas with covers and servings, and eaters who leave something out. */
export function Dishes({ text, meal, shelf, units, change, faultAt }: Props) {
  const put = (at: number, to: Partial<DishText>) =>
    change({ dishes: text.dishes.map((d, i) => (i === at ? { ...d, ...to } : d)) });
  const options = shelf.map((f) => [f.id, f.name] as const);
  const sauces = shelf
    .filter((f) => f.targetSolidsFraction !== undefined)
    .toSorted((a, b) => Number(b.family === 'PLAIN') - Number(a.family === 'PLAIN'));
  const add = (formulaId: string) => {
    const serving =
      shelf.find((f) => f.id === formulaId)?.servings.find((s) => s.style === 'USUAL')
        ?.sauceMassKilograms ?? 0.13;
    change({
      dishes: [
        ...text.dishes,
        {
          key: newId(),
          formulaId,
          schools: [],
          covers: '10',
          servingText: `${Math.round(serving * 1000)} g`,
          groups: [],
        },
      ],
    });
  };
  return (
    <Box component="section" aria-label="Dishes">
      <Typography variant="h2">Who eats what</Typography>
      {text.dishes.map((d, i) => {
        const made = meal.dishes[i]?.formulaId === d.formulaId ? meal.dishes[i] : undefined;
        return (
          <Box key={d.key} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
            <Box
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr 1fr', sm: '2.2fr 0.8fr 1fr auto' },
                gap: 1.5,
                alignItems: 'end',
              }}
            >
              <Pick
                label="Dish"
                value={d.formulaId}
                options={options}
                onPick={(formulaId) => put(i, { formulaId, schools: [] })}
              />
              <TextLine
                label="Covers"
                text={d.covers}
                onText={(covers) => put(i, { covers })}
                fault={faultAt(`/dishes/${i}/covers`)}
              />
              <TextLine
                label="Each gets"
                text={d.servingText}
                onText={(servingText) => put(i, { servingText })}
                fault={faultAt(`/dishes/${i}/servingMassKilograms`)}
              />
              <Button
                size="small"
                aria-label={`Take out ${made?.name ?? 'the dish'}`}
                onClick={() => change({ dishes: text.dishes.toSpliced(i, 1) })}
              >
                ×
              </Button>
            </Box>
            {made && (
              <Typography sx={{ fontSize: sizes.note, color: 'text.secondary', mt: 0.5 }}>
                makes {show.text(show.mass(made.madeMassKilograms, units))}
                {Object.entries(made.fryingLoads)
                  .map(([stage, n]) => ` · ${stage}: ${n} loads`)
                  .join('')}
              </Typography>
            )}
            {made && <Declaration of={made.declaration} />}
            {made?.avoided.map((a) => (
              <Typography
                key={a.words}
                role="alert"
                sx={{ fontSize: sizes.note, color: 'error.main', fontWeight: 600 }}
              >
                This kitchen avoids {a.words}: {a.causes.join(', ')}
              </Typography>
            ))}
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, mt: 0.5 }}>
              <Pick
                label="Made of"
                value={d.baseFormulaId ?? ''}
                options={[
                  ['', 'its own pot'] as const,
                  ...sauces
                    .filter((f) => f.id !== d.formulaId)
                    .map((f) => [f.id, `the base ${f.name}`] as const),
                ]}
                onPick={(id) => put(i, { baseFormulaId: id || undefined })}
              />
              <SomeWithout dish={d} change={(groups) => put(i, { groups })} />
            </Box>
            {faultAt(`/dishes/${i}/baseFormulaId`) && (
              <Typography role="alert" sx={{ fontSize: sizes.small, color: 'error.main' }}>
                {faultAt(`/dishes/${i}/baseFormulaId`)}
              </Typography>
            )}
            {made && made.inTubsCovers > 0 && (
              <Typography sx={{ fontSize: sizes.note }}>
                <Link to="/keep">{show.text(show.mass(made.inTubsKilograms, units))} of it</Link> is
                in tubs, enough for {made.inTubsCovers} of {made.covers}.
              </Typography>
            )}
            {made?.fromBase && <FromBase of={made.fromBase} stages={made.stages} units={units} />}
            {made && <FitLine placing={made.placing} units={units} />}
            <Groups dish={d} made={made} units={units} change={(groups) => put(i, { groups })} />
          </Box>
        );
      })}
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
            if (id) add(id);
          }}
        />
      </Box>
    </Box>
  );
}
