import { Box } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { client, type Avoid, type IngredientView } from '../../api/client';
import { useAvoidList } from '../../api/pantry';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Pick } from '../../ui/fields';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { AvoidRow } from './pantry.styles';
import { ALLERGENS, avoidWords, TRAITS } from './words';

const key = (a: Avoid) => `${a.kind} ${a.key}`;

/** The list as it is, and how it is written; when somebody else wrote it meanwhile it is read again. */
function useAvoided() {
  const queries = useQueryClient();
  const { data } = useAvoidList();
  const put = async (list: Avoid[]) => {
    try {
      const params = { header: { 'If-Match': data?.version ?? 0 } };
      const now = await answered(client.PUT('/api/pantry/avoided', { params, body: list }));
      queries.setQueryData(['avoided'], now);
    } catch (refused) {
      await queries.invalidateQueries({ queryKey: ['avoided'] });
      throw refused;
    }
    await queries.invalidateQueries({ queryKey: ['formulas'] });
  };
  return { avoided: data?.avoid ?? [], put };
}

/** What this kitchen leaves out, beside the allergens of the law: every formula is checked for it. */
export function AvoidList({ goods }: { goods: IngredientView[] }) {
  const { avoided, put } = useAvoided();
  const { act } = useAct();
  const all: Avoid[] = [
    ...Object.keys(TRAITS).map((k): Avoid => ({ kind: 'TRAIT', key: k })),
    ...Object.keys(ALLERGENS).map((k): Avoid => ({ kind: 'ALLERGEN', key: k })),
    ...goods.map((g): Avoid => ({ kind: 'INGREDIENT', key: g.id })),
  ];
  const open = all.filter((a) => !avoided.some((b) => key(a) === key(b)));
  const words = (a: Avoid) =>
    `${avoidWords(a, goods)}${a.kind === 'ALLERGEN' ? ' (allergen)' : ''}`;
  const add = (k: string) => {
    const found = open.find((a) => key(a) === k);
    if (found) act(() => put([...avoided, found]));
  };
  return (
    <Box component="section" aria-label="This kitchen avoids">
      <Text variant="h2">This kitchen avoids</Text>
      {avoided.length === 0 && (
        <Text tone="muted">
          Nothing yet. What you put here is marked on every formula that has it.
        </Text>
      )}
      <BareList sx={{ my: 0.5 }}>
        {avoided.map((a) => (
          <AvoidRow key={key(a)}>
            <Text>{words(a)}</Text>
            <ActButton
              size="small"
              aria-label={`Allow ${words(a)}`}
              onAct={() => put(avoided.filter((b) => key(b) !== key(a)))}
            >
              Allow
            </ActButton>
          </AvoidRow>
        ))}
      </BareList>
      <Pick
        label="Avoid also"
        value=""
        options={[['', 'choose'] as const, ...open.map((a) => [key(a), words(a)] as const)]}
        onPick={add}
      />
    </Box>
  );
}
