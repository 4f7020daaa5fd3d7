import { Box, Typography } from '@mui/material';
import type { DeclarationView } from '../api/client';
import { sizes } from '../theme/tokens';

interface Props {
  of: DeclarationView;
  avoided?: { words: string; causes: string[] }[];
}

/** What eaters have to be told: what is in it and where from, what nobody knows, and diets only where all is known. */
export function Declaration({ of, avoided = [] }: Props) {
  const kept = of.diets
    .filter((d) => d.brokenBy.length === 0 && d.doubts.length === 0)
    .map((d) => d.words);
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 0.4 }}>
      {says(of) && <Typography sx={{ fontSize: sizes.note }}>No declared allergen.</Typography>}
      {of.allergens.map((a) => (
        <Typography key={a.allergen} sx={{ fontSize: sizes.note }}>
          <b>{a.words}</b>
          {a.inUnitedStates ? '' : ' (EU list)'}: {a.causes.join(', ')}
        </Typography>
      ))}
      {packsToRead(of).map(([packs, words]) => (
        <Typography key={packs} sx={{ fontSize: sizes.note, color: 'warning.main' }}>
          <b>{words.join(', ')}?</b> Read the pack of {packs}
        </Typography>
      ))}
      {of.unknown.length > 0 && (
        <Typography sx={{ fontSize: sizes.note, color: 'error.main', fontWeight: 600 }}>
          Not known: {of.unknown.join('; ')}
        </Typography>
      )}
      {kept.length > 0 && (
        <Typography sx={{ fontSize: sizes.note, color: 'success.main', fontWeight: 600 }}>
          {kept.join(', ')}
        </Typography>
      )}
      {avoided.map((a) => (
        <Typography
          key={a.words}
          role="alert"
          sx={{ fontSize: sizes.note, color: 'error.main', fontWeight: 600 }}
        >
          This kitchen avoids {a.words}: {a.causes.join(', ')}
        </Typography>
      ))}
    </Box>
  );
}

/** Whether nothing is in it, and all of it is known. */
const says = (of: DeclarationView) =>
  of.allergens.length === 0 && of.asked.length === 0 && of.unknown.length === 0;

/** Each pack once, with all that it may bring. */
function packsToRead(of: DeclarationView): [string, string[]][] {
  const packs = new Map<string, string[]>();
  for (const a of of.asked) {
    const causes = a.causes.join(', ');
    packs.set(causes, [...(packs.get(causes) ?? []), a.words]);
  }
  return [...packs];
}
