import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { client, newId } from '../../api/client';
import { useMeals } from '../../api/meals';
import { answered } from '../../api/problem';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';

/** Meals: several formulas with one shopping list. */
export function MealsPage() {
  const { data: meals, error } = useMeals();
  const navigate = useNavigate();
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
    void navigate(`/meals/${id}`);
  };
  return (
    <Page
      title="Meals"
      sub="several formulas, one shopping list, one mise en place"
      step="Size"
      acts={
        <Button variant="contained" onClick={() => void begin()}>
          Write a meal
        </Button>
      }
    >
      {error && <Note tone="tomato">{error.message}</Note>}
      {meals?.length === 0 && (
        <Typography>
          No meal yet. Write one, or begin from a plan with ‘Shopping and mise en place’.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {meals?.map((m) => (
          <Box component="li" key={m.id} sx={{ borderBottom: 1, borderColor: 'divider', py: 1 }}>
            <Box
              component={Link}
              to={`/meals/${m.id}`}
              sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}
            >
              {m.name}
            </Box>
          </Box>
        ))}
      </Box>
    </Page>
  );
}
