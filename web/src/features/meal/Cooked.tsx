import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type StockItem } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';

/** Once it is cooked: what came from the shelf is off it, and what opened packs left is on it, dated. */
export function Cooked({
  id,
  names,
  units,
}: {
  id: string;
  names: ReadonlyMap<string, string>;
  units: Units;
}) {
  const queries = useQueryClient();
  const [write] = useState(newId);
  const [left, setLeft] = useState<StockItem[]>();
  const [fault, setFault] = useState('');
  const tell = async () => {
    try {
      setLeft(
        (
          await answered(
            client.POST('/api/meals/{id}/cooked/{writeId}', {
              params: { path: { id, writeId: write } },
            }),
          )
        ).left,
      );
      setFault('');
      await queries.invalidateQueries({ queryKey: ['stock'] });
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const words = (s: StockItem) =>
    `${show.text(show.mass(s.massKilograms, units))} ${names.get(s.ingredientId) ?? s.ingredientId}${s.useBy ? ` until ${s.useBy}` : ''}`;
  return (
    <Box sx={{ mt: 1 }}>
      {left === undefined ? (
        <Button variant="outlined" onClick={() => void tell()}>
          Cooked: what is left goes on the shelf
        </Button>
      ) : (
        <Typography role="status" sx={{ fontSize: sizes.note }}>
          {left.length === 0
            ? 'Nothing was left in an opened pack.'
            : `On the shelf, opened today: ${left.map(words).join('; ')}.`}{' '}
          What came from stock is off it.
        </Typography>
      )}
      {fault && (
        <Typography role="alert" sx={{ color: 'error.main' }}>
          {fault}
        </Typography>
      )}
    </Box>
  );
}
