import { Button } from '@mui/material';
import { useParams } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { client, type KitchenView, type MealView } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { useMeal } from '../../api/meals';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Pick, TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Dishes } from './Dishes';
import { Mise } from './Mise';
import { OutAt } from './OutAt';
import { Shopping } from './Shopping';
import { useMealDraft } from './useMealDraft';
import { Column } from '../../ui/layout';
import { useGo } from '../../ui/useGo';
import { MealGrid, NameAndHour } from './meal.styles';
import { PartsToMake } from '../../ui/PartsToMake';
import { Pending } from '../../ui/Pending';

const GOALS = [
  ['LEAST_COST', 'least cost'],
  ['LEAST_WASTE', 'least left over'],
] as const;

/** One meal: who eats what, what to buy, what to cut. */
export function MealPage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: meal, error } = useMeal(id);
  if (!kitchen || !meal) return <Pending title="Meal" step="Size" shape="columns" error={error} />;
  return <Written key={id} start={meal} kitchen={kitchen} />;
}

function Written({ start, kitchen }: { start: MealView; kitchen: KitchenView }) {
  const { text, meal, change, faultAt, problem, flush } = useMealDraft(start, kitchen);
  const { data: shelf = [] } = useFormulas();
  const { units, currency } = kitchen.settings;
  return (
    <Page
      title={text.name || 'Meal'}
      sub="one shopping list less what is in stock, one mise en place; every change is kept"
      step="Size"
      acts={<MealActs id={start.id} isEmpty={meal.dishes.length === 0} flush={flush} />}
    >
      {problem && <Note tone="tomato">{problem.summary}</Note>}
      <MealGrid>
        <Column gap={2}>
          <NameAndHour>
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
            <OutAt
              label="Plates go out at"
              text={text.served}
              onText={(served) => change({ served })}
              faultAt={faultAt}
              of="/"
            />
            <TextLine
              label="Cooks"
              text={text.cooks}
              onText={(cooks) => change({ cooks })}
              fault={faultAt('/cooks')}
              placeholder="Ada, Bo 16:00-19:00"
            />
          </NameAndHour>
          <Dishes
            text={text}
            meal={meal}
            shelf={shelf}
            units={units}
            change={change}
            faultAt={faultAt}
            flush={flush}
          />
        </Column>
        <Shopping meal={meal} units={units} currency={currency} />
        <PartsToMake parts={meal.parts} units={units} named />
        <Mise meal={meal} units={units} />
      </MealGrid>
    </Page>
  );
}

/** Put away, as tables, and printed. */
function MealActs(props: { id: string; isEmpty: boolean; flush: () => Promise<void> }) {
  const { id, isEmpty, flush } = props;
  const go = useGo();
  const queries = useQueryClient();
  const away = async () => {
    const of = { params: { path: { id }, query: { retired: true } } };
    await answered(client.PUT('/api/meals/{id}/retired', { ...of, parseAs: 'text' }));
    await queries.invalidateQueries({ queryKey: ['meals'] });
    go('/meals');
  };
  const toBench = async () => {
    await flush();
    go(`/meals/${id}/bench`);
  };
  const file = { component: 'a', variant: 'outlined', download: true } as const;
  return (
    <>
      <ActButton onAct={away}>Put away</ActButton>
      <ActButton variant="outlined" onAct={toBench} disabled={isEmpty}>
        The bench
      </ActButton>
      <Button {...file} href={`/api/meals/${id}/shopping.csv`}>
        List as table
      </Button>
      <Button {...file} href={`/api/meals/${id}/dishes.csv`} disabled={isEmpty}>
        Dishes as table
      </Button>
      <Button
        component="a"
        href={`/api/meals/${id}/print.pdf`}
        target="_blank"
        variant="contained"
        disabled={isEmpty}
      >
        Print
      </Button>
    </>
  );
}
