import { Box, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useIdeas } from '../../api/lots';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { dayOf } from './lotWords';

/** What to cook from what is open or due; pressed, it is planned for as many as use it up. */
export function Ideas({ units }: { units: Units }) {
  const { data: ideas = [] } = useIdeas();
  if (ideas.length === 0) return null;
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return (
    <Box component="section" aria-label="What to cook from it" sx={{ mt: 2.5 }}>
      <Typography variant="h2">To cook from what is open or due</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {ideas.map((idea) => (
          <Box component="li" key={idea.formulaId} sx={{ borderBottom: 1, borderColor: 'divider', py: 0.9 }}>
            <Typography component={Link} to="/plan" state={{ formulaId: idea.formulaId, schools: [], covers: idea.covers }} sx={{ fontWeight: 700, color: 'text.primary', overflowWrap: 'anywhere', textDecoration: 'none', '&:hover': { textDecoration: 'underline' } }}>{idea.name}, for {idea.covers}</Typography>
            {idea.takes.map((t) => <Typography key={`${t.what}${t.by}`} sx={{ fontSize: sizes.small, color: 'text.secondary' }}>{t.massKilograms > 0.97 * t.thereKilograms ? `all ${mass(t.thereKilograms)}` : `${mass(t.massKilograms)} of ${mass(t.thereKilograms)}`} {t.what.toLowerCase()}{t.tub ? ' from its tub, as the base' : ''}, by {dayOf(t.by)}</Typography>)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
