import { Box } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { client, type IngredientView } from '../../api/client';
import { answered } from '../../api/problem';
import type { Units } from '../../quantities';
import { SwapLine } from '../../ui/SwapLine';
import { Text } from '../../ui/text';

/** 'No passata?': what stands in for it, and what that changes. */
export function Substitutes({ of, units }: { of: IngredientView; units: Units }) {
  const { data } = useQuery({
    queryKey: ['pantry', of.id, 'substitutes'],
    queryFn: () =>
      answered(
        client.GET('/api/pantry/ingredients/{id}/substitutes', { params: { path: { id: of.id } } }),
      ),
  });
  if (!data || data.length === 0) return null;
  return (
    <Box component="section" aria-label="What stands in for it">
      <Text variant="h2">Out of it? For 100 g</Text>
      {data.map((s, i) => (
        <SwapLine key={i} swap={s} units={units} />
      ))}
    </Box>
  );
}
