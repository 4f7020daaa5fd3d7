import { Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { client, newId, type PlanRequest } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

/** Takes a plan on to its shopping list, mise en place and printed pages. */
export function ForShopping({ request, name }: { request: PlanRequest; name: string }) {
  const navigate = useNavigate();
  const [fault, setFault] = useState('');
  const go = async () => {
    const id = newId();
    const { formulaId, schools, covers, servingMassKilograms, servingText, targetSolidsFraction } =
      request;
    const dish = {
      formulaId,
      schools,
      covers,
      servingMassKilograms,
      servingText,
      groups: [],
      ...(targetSolidsFraction === undefined ? {} : { targetSolidsFraction }),
    };
    try {
      await answered(
        client.PUT('/api/meals/{id}', {
          params: { path: { id }, header: { 'If-Match': 0 } },
          body: { name, packGoal: request.packGoal, dishes: [dish] },
        }),
      );
      void navigate(`/meals/${id}`);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => void go()}>
        Shopping and mise en place
      </Button>
      {fault && (
        <Typography role="alert" sx={{ color: 'error.main' }}>
          {fault}
        </Typography>
      )}
      <Link to="/meals">Meals of several sauces</Link>
    </>
  );
}
