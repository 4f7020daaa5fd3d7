import { Button } from '@mui/material';
import { Link } from 'react-router';
import type { FormulaSummary, MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Declaration } from '../../ui/Declaration';
import { Pick, TextLine } from '../../ui/fields';
import { Text } from '../../ui/text';
import { GoesWith, ToTheStove } from './beside/GoesWith';
import { FitLine } from './FitLine';
import { FromBase } from './FromBase';
import { Groups, SomeWithout } from './Groups';
import { DishBlock, DishGrid, FieldPair } from './meal.styles';
import { OutAt } from './OutAt';
import type { DishText } from './useMealDraft';

type Made = MealView['dishes'][number];

interface Props {
  dish: DishText;
  /** What it comes to, once it is known. */
  made: Made | undefined;
  shelf: FormulaSummary[];
  /** Whether another dish of the meal is of the same sauce, whose pot can be its own. */
  hasTwin?: boolean;
  units: Units;
  change: (to: Partial<DishText>) => void;
  onDrop: () => void;
  /** Where all that goes with it is seen to; left out while the meal is not kept. */
  stove?: { mealId: string; place: number; flush: () => Promise<void> };
  faultAt: (field: string) => string | undefined;
}

/** One dish of a meal: how many eat it, how much each, of what it is made, and who leaves something out. */
export function Dish(props: Props) {
  const { dish, made, shelf, units, change, onDrop, stove, faultAt } = props;
  const baseFault = faultAt('baseFormulaId');
  return (
    <DishBlock>
      <DishGrid>
        <Pick
          label="Dish"
          value={dish.formulaId}
          options={shelf.map((f) => [f.id, f.name] as const)}
          onPick={(formulaId) => change({ formulaId, schools: [] })}
        />
        <TextLine
          label="Covers"
          text={dish.covers}
          onText={(covers) => change({ covers })}
          fault={faultAt('covers')}
        />
        <TextLine
          label="Each gets"
          text={dish.servingText}
          onText={(servingText) => change({ servingText })}
          fault={faultAt('servingMassKilograms')}
        />
        <Button size="small" aria-label={`Take out ${made?.name ?? 'the dish'}`} onClick={onDrop}>
          ×
        </Button>
      </DishGrid>
      {made && <Told made={made} units={units} />}
      <FieldPair>
        <Pick
          label="Made of"
          value={dish.baseFormulaId ?? ''}
          options={basesFor(dish, shelf, props.hasTwin ?? false)}
          onPick={(id) => change({ baseFormulaId: id || undefined })}
        />
        <SomeWithout dish={dish} change={(groups) => change({ groups })} />
        <OutAt
          label="Out at"
          text={dish.served}
          onText={(served) => change({ served })}
          faultAt={faultAt}
          placeholder="as the others"
        />
      </FieldPair>
      {baseFault && (
        <Text role="alert" tone="alarm" size="small">
          {baseFault}
        </Text>
      )}
      {made && <Where made={made} units={units} />}
      <GoesWith
        besides={dish.besides}
        made={made?.besides ?? []}
        covers={made?.covers ?? 1}
        change={(besides) => change({ besides })}
        faultAt={faultAt}
      />
      {stove && <ToTheStove {...stove} />}
      <Groups dish={dish} made={made} units={units} change={(groups) => change({ groups })} />
    </DishBlock>
  );
}

/** Its own pot, or another sauce of the shelf as a base; plain ones first. */
function basesFor(dish: DishText, shelf: FormulaSummary[], hasTwin: boolean) {
  const sauces = shelf
    .filter((f) => f.targetSolidsFraction !== undefined && f.id !== dish.formulaId)
    .toSorted((a, b) => Number(b.family === 'PLAIN') - Number(a.family === 'PLAIN'));
  return [
    ['', 'its own pot'] as const,
    ...(hasTwin ? [[dish.formulaId, 'the same pot'] as const] : []),
    ...sauces.map((f) => [f.id, `the base ${f.name}`] as const),
  ];
}

/** How much it makes, and what eaters are told. */
function Told({ made, units }: { made: Made; units: Units }) {
  return (
    <>
      <Text tone="muted" size="note" sx={{ mt: 0.5 }}>
        makes {show.text(show.mass(made.madeMassKilograms, units))}
        {Object.entries(made.fryingLoads)
          .map(([stage, n]) => ` · ${stage}: ${n} loads`)
          .join('')}
      </Text>
      <Declaration of={made.declaration} avoided={made.avoided} />
    </>
  );
}

/** From tubs, from a base, and into which pot. */
function Where({ made, units }: { made: Made; units: Units }) {
  return (
    <>
      {made.inTubsCovers > 0 && (
        <Text size="note">
          <Link to="/keep">{show.text(show.mass(made.inTubsKilograms, units))} of it</Link> is in
          tubs, enough for {made.inTubsCovers} of {made.covers}.
        </Text>
      )}
      {made.fromBase && <FromBase of={made.fromBase} stages={made.stages} units={units} />}
      <FitLine placing={made.placing} units={units} />
    </>
  );
}
