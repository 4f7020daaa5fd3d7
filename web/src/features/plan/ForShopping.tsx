import { Button } from '@mui/material';
import { Link } from 'react-router';
import { client, newId, type PlanRequest } from '../../api/client';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { useGo } from '../../ui/useGo';

/** Takes a plan on to its shopping list, mise en place and printed pages. */
export function ForShopping({ request, name }: { request: PlanRequest; name: string }) {
  const go = useGo();
  const begin = async () => {
    const id = newId();
    const { formulaId, schools, covers, targetSolidsFraction: target } = request;
    const dish = {
      formulaId,
      schools,
      covers,
      servingMassKilograms: request.servingMassKilograms,
      servingText: request.servingText,
      groups: [],
      ...(target === undefined ? {} : { targetSolidsFraction: target }),
    };
    await answered(
      client.PUT('/api/meals/{id}', {
        params: { path: { id }, header: { 'If-Match': 0 } },
        body: { name, packGoal: request.packGoal, dishes: [dish] },
      }),
    );
    go(`/meals/${id}`);
  };
  return (
    <>
      <ActButton variant="outlined" onAct={begin}>
        Shopping and mise en place
      </ActButton>
      <Button component={Link} to="/meals">
        Meals of several sauces
      </Button>
    </>
  );
}
