import { Box, ButtonBase, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { client, newId, type IdeaView } from '../../api/client';
import { useIdeas } from '../../api/lots';
import { answered, ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { dayOf } from './lotWords';

/** What to cook from what is open or due, for as many as use it up. With a tub as its base it is a meal, else a plan. */
export function Ideas({ units }: { units: Units }) {
  const { data: ideas = [] } = useIdeas();
  const navigate = useNavigate();
  const [fault, setFault] = useState<string>();
  if (ideas.length === 0) return null;
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  const cook = async (idea: IdeaView) => {
    const base = idea.takes.find((t) => t.baseFormulaId)?.baseFormulaId;
    if (!base)
      return navigate('/plan', {
        state: { formulaId: idea.formulaId, schools: [], covers: idea.covers },
      });
    try {
      const id = newId();
      const dish = {
        formulaId: idea.formulaId,
        schools: [],
        covers: idea.covers,
        servingMassKilograms: idea.servingKilograms,
        servingText: `${Math.round(idea.servingKilograms * 1000)} g`,
        baseFormulaId: base,
        groups: [],
      };
      await answered(
        client.PUT('/api/meals/{id}', {
          params: { path: { id }, header: { 'If-Match': 0 } },
          body: { name: `${idea.name}, from tubs`, dishes: [dish], packGoal: 'LEAST_COST' },
        }),
      );
      return navigate(`/meals/${id}`);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  return (
    <Box component="section" aria-label="What to cook from it" sx={{ mt: 2.5 }}>
      <Typography variant="h2">To cook from what is open or due</Typography>
      {fault && <Note tone="tomato">{fault}</Note>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {ideas.map((idea) => (
          <Box
            component="li"
            key={idea.formulaId}
            sx={{ borderBottom: 1, borderColor: 'divider', py: 0.9 }}
          >
            <ButtonBase
              onClick={() => void cook(idea)}
              sx={{
                font: 'inherit',
                fontWeight: 700,
                textAlign: 'left',
                overflowWrap: 'anywhere',
                minHeight: 32,
                '&:hover': { textDecoration: 'underline' },
              }}
            >
              {idea.name}, for {idea.covers}
            </ButtonBase>
            {idea.takes.map((t) => (
              <Typography
                key={`${t.what}${t.by}`}
                sx={{ fontSize: sizes.small, color: 'text.secondary' }}
              >
                {t.massKilograms > 0.97 * t.thereKilograms
                  ? `all ${mass(t.thereKilograms)}`
                  : `${mass(t.massKilograms)} of ${mass(t.thereKilograms)}`}{' '}
                {t.what.toLowerCase()}
                {t.baseFormulaId ? ' from its tubs, as the base' : ''}, by {dayOf(t.by)}
              </Typography>
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
