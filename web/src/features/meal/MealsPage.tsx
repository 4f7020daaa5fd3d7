import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, newId } from '../../api/client';
import { useMeals } from '../../api/meals';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Page } from '../../ui/Page';
import { BareList, RuledRow } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useGo } from '../../ui/useGo';
import { Coming } from '../../ui/Pending';
import { ServiceList } from '../../ui/ServiceList';

/** Services: several dishes with one shopping list, hot at their hour. */
export function MealsPage() {
  const { data: meals, error } = useMeals();
  const go = useGo();
  const queries = useQueryClient();
  const begin = async () => {
    const id = newId();
    await answered(
      client.PUT('/api/meals/{id}', {
        params: { path: { id }, header: { 'If-Match': 0 } },
        body: { name: 'New meal', dishes: [], packGoal: 'LEAST_COST' },
      }),
    );
    await queries.invalidateQueries({ queryKey: ['meals'] });
    go(`/meals/${id}`);
  };
  return (
    <Page
      title="Service"
      sub="several dishes, one shopping list, one mise en place, all hot at their hour"
      step="Size"
      acts={
        <>
          <Button component={Link} to="/meals/parts" variant="outlined">
            Parts worked out
          </Button>
          <ActButton variant="contained" onAct={begin}>
            Write a meal
          </ActButton>
        </>
      }
    >
      <Coming error={error} come={meals !== undefined} />
      {meals?.length === 0 && (
        <Text>No meal yet. Write one, or begin from a plan with ‘Shopping and mise en place’.</Text>
      )}
      <ServiceList title="Going on, and over" />
      <BareList>
        {meals?.map((m) => (
          <RuledRow key={m.id}>
            <Box
              component={Link}
              to={`/meals/${m.id}`}
              sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}
            >
              {m.name}
            </Box>{' '}
            <Link to={`/meals/${m.id}/bench`} aria-label={`The bench of ${m.name}`}>
              the bench
            </Link>
          </RuledRow>
        ))}
      </BareList>
    </Page>
  );
}
