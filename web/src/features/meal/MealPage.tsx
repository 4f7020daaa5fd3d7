import { Box, Button } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { client, type KitchenView, type MealView } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { useMeal } from '../../api/meals';
import { answered } from '../../api/problem';
import { columns } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Dishes } from './Dishes';
import { Mise } from './Mise';
import { Shopping } from './Shopping';
import { useMealDraft } from './useMealDraft';

const GOALS = [
  ['LEAST_COST', 'least cost'],
  ['LEAST_WASTE', 'least left over'],
] as const;

/** One meal: who eats what, what to buy, what to cut. */
export function MealPage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: meal, error } = useMeal(id);
  if (!kitchen || !meal)
    return (
      <Page title="Meal" sub="" step="Size">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  return <Written key={id} start={meal} kitchen={kitchen} />;
}

function Written({ start, kitchen }: { start: MealView; kitchen: KitchenView }) {
  const { text, meal, change, faultAt, problem } = useMealDraft(start, kitchen);
  const { data: shelf = [] } = useFormulas();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { units, currency } = kitchen.settings;
  const away = async () => {
    await answered(
      client.PUT('/api/meals/{id}/retired', {
        params: { path: { id: start.id }, query: { retired: true } },
        parseAs: 'text',
      }),
    );
    await queries.invalidateQueries({ queryKey: ['meals'] });
    void navigate('/meals');
  };
  const acts = (
    <>
      <Button onClick={() => void away()}>Put away</Button>
      <Button
        component="a"
        href={`/api/meals/${start.id}/shopping.csv`}
        download
        variant="outlined"
      >
        List as table
      </Button>
      <Button
        component="a"
        href={`/api/meals/${start.id}/dishes.csv`}
        download
        variant="outlined"
        disabled={meal.dishes.length === 0}
      >
        Dishes as table
      </Button>
      <Button
        component="a"
        href={`/api/meals/${start.id}/print.pdf`}
        target="_blank"
        variant="contained"
        disabled={meal.dishes.length === 0}
      >
        Print
      </Button>
    </>
  );
  return (
    <Page
      title={text.name || 'Meal'}
      sub="one shopping list less what is in stock, one mise en place; every change is kept"
      step="Size"
      acts={acts}
    >
      {problem && <Note tone="tomato">{problem.summary}</Note>}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.meal, columnGap: 4, rowGap: 3 }}>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}>
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 2 }}>
            <TextLine
              label="The meal is called"
              text={text.name}
              onText={(name) => change({ name })}
              fault={faultAt('/name')}
            />
            <Pick
              label="Packs by"
              value={text.packGoal}
              options={GOALS}
              onPick={(packGoal) => change({ packGoal })}
            />
          </Box>
          <Dishes
            text={text}
            meal={meal}
            shelf={shelf}
            units={units}
            change={change}
            faultAt={faultAt}
          />
        </Box>
        <Shopping meal={meal} units={units} currency={currency} />
        <Mise meal={meal} units={units} />
      </Box>
    </Page>
  );
}
