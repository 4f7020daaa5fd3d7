import { Box, Typography } from '@mui/material';
import type { DeclarationView } from '../api/client';
import { sizes } from '../theme/tokens';

/** Allergens with what brings them in, and the diets that it keeps. */
export function Declaration({ of, avoided = [] }: { of: DeclarationView; avoided?: { words: string; causes: string[] }[] }) {
  const kept = of.diets.filter((d) => d.brokenBy.length === 0).map((d) => d.words);
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 0.4 }}>
      {of.allergens.length === 0 && <Typography sx={{ fontSize: sizes.note }}>Carries none of the allergens of the law.</Typography>}
      {of.allergens.map((a) => (
        <Typography key={a.allergen} sx={{ fontSize: sizes.note }}>
          <b>{a.words}</b>{a.inUnitedStates ? '' : ' (EU list)'}: {a.causes.join(', ')}
        </Typography>
      ))}
      {kept.length > 0 && <Typography sx={{ fontSize: sizes.note, color: 'success.main', fontWeight: 600 }}>{kept.join(', ')}</Typography>}
      {avoided.map((a) => <Typography key={a.words} role="alert" sx={{ fontSize: sizes.note, color: 'error.main', fontWeight: 600 }}>This kitchen avoids {a.words}: {a.causes.join(', ')}</Typography>)}
    </Box>
  );
}
