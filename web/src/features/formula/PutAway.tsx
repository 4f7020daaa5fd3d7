import { Box } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, type FormulaView } from '../../api/client';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

/** Earlier versions, and putting a formula away or back on the shelf. */
export function PutAway({
  formula,
  version,
}: {
  formula: FormulaView;
  version: number | undefined;
}) {
  const queries = useQueryClient();
  const put = async (retired: boolean) => {
    await answered(
      client.PUT('/api/formulas/{id}/retired', {
        params: { path: { id: formula.id }, query: { retired } },
      }),
    );
    await queries.invalidateQueries({ queryKey: ['formulas'] });
  };
  const earlier = formula.own
    ? Array.from({ length: formula.latestVersion }, (_, i) => i + 1).filter(
        (v) => v !== formula.version,
      )
    : [];
  return (
    <Row gap={2} align="center" wrap>
      {earlier.length > 0 && (
        <Text tone="muted">
          Other versions:{' '}
          {earlier.map((v) => (
            <Box
              key={v}
              component={Link}
              to={`/formulas/${formula.id}?version=${v}`}
              sx={{ mr: 1 }}
            >
              {v}
            </Box>
          ))}
        </Text>
      )}
      {version === undefined && (
        <ActButton size="small" onAct={() => put(!formula.retired)}>
          {formula.retired ? 'Put back on the shelf' : 'Hide it'}
        </ActButton>
      )}
    </Row>
  );
}
