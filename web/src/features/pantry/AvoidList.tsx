import { Alert, Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type Avoid, type IngredientView } from '../../api/client';
import { useAvoidList } from '../../api/pantry';
import { answered, ProblemError } from '../../api/problem';
import { Pick } from '../../ui/fields';
import { ALLERGENS, avoidWords, TRAITS } from './words';

const key = (a: Avoid) => `${a.kind} ${a.key}`;

/** What this kitchen leaves out, beside the allergens of the law: every formula is checked for it. */
export function AvoidList({ goods }: { goods: IngredientView[] }) {
  const queries = useQueryClient();
  const { data } = useAvoidList();
  const avoided = data?.avoid ?? [];
  const [fault, setFault] = useState('');
  const put = async (list: Avoid[]) => {
    try {
      queries.setQueryData(
        ['avoided'],
        await answered(
          client.PUT('/api/pantry/avoided', {
            params: { header: { 'If-Match': data?.version ?? 0 } },
            body: list,
          }),
        ),
      );
      setFault('');
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
      await queries.invalidateQueries({ queryKey: ['avoided'] });
    }
    await queries.invalidateQueries({ queryKey: ['formulas'] });
  };
  const all: Avoid[] = [
    ...Object.keys(TRAITS).map((k): Avoid => ({ kind: 'TRAIT', key: k })),
    ...Object.keys(ALLERGENS).map((k): Avoid => ({ kind: 'ALLERGEN', key: k })),
    ...goods.map((g): Avoid => ({ kind: 'INGREDIENT', key: g.id })),
  ];
  const open = all.filter((a) => !avoided.some((b) => key(a) === key(b)));
  const words = (a: Avoid) =>
    `${avoidWords(a, goods)}${a.kind === 'ALLERGEN' ? ' (allergen)' : ''}`;
  return (
    <Box component="section" aria-label="This kitchen avoids">
      <Typography variant="h2">This kitchen avoids</Typography>
      {fault && (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {fault}
        </Alert>
      )}
      {avoided.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          Nothing yet. What you put here is marked on every formula that has it.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, my: 0.5 }}>
        {avoided.map((a) => (
          <Box
            component="li"
            key={key(a)}
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Typography>{words(a)}</Typography>
            <Button
              size="small"
              aria-label={`Allow ${words(a)}`}
              onClick={() => void put(avoided.filter((b) => key(b) !== key(a)))}
            >
              Allow
            </Button>
          </Box>
        ))}
      </Box>
      <Pick
        label="Avoid also"
        value=""
        options={[['', 'choose'] as const, ...open.map((a) => [key(a), words(a)] as const)]}
        onPick={(k) => {
          const found = open.find((a) => key(a) === k);
          if (found) void put([...avoided, found]);
        }}
      />
    </Box>
  );
}
