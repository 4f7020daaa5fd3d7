import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, type FormulaView } from '../../api/client';
import { answered } from '../../api/problem';

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
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
      {earlier.length > 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
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
        </Typography>
      )}
      {version === undefined && (
        <Button size="small" onClick={() => void put(!formula.retired)}>
          {formula.retired ? 'Put back on the shelf' : 'Put away'}
        </Button>
      )}
    </Box>
  );
}
