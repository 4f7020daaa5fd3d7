import { Box } from '@mui/material';
import { client, newId, type IdeaView } from '../../api/client';
import { useIdeas } from '../../api/lots';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { BareList, RuledRow } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useGo } from '../../ui/useGo';
import { IdeaButton } from './keep.styles';
import { dayOf } from './lotWords';

/** Begins a meal of one dish whose sauce comes out of tubs. */
async function mealFrom(idea: IdeaView, baseFormulaId: string): Promise<string> {
  const id = newId();
  const dish = {
    formulaId: idea.formulaId,
    schools: [],
    covers: idea.covers,
    servingMassKilograms: idea.servingKilograms,
    servingText: `${Math.round(idea.servingKilograms * 1000)} g`,
    baseFormulaId,
    groups: [],
  };
  await answered(
    client.PUT('/api/meals/{id}', {
      params: { path: { id }, header: { 'If-Match': 0 } },
      body: { name: `${idea.name}, from tubs`, dishes: [dish], packGoal: 'LEAST_COST' },
    }),
  );
  return id;
}

/** What to cook from what is open or due, for as many as use it up. With a tub as its base it is a meal, else a plan. */
export function Ideas({ units }: { units: Units }) {
  const { data: ideas = [] } = useIdeas();
  if (ideas.length === 0) return null;
  return (
    <Box component="section" aria-label="What to cook from it" sx={{ mt: 2.5 }}>
      <Text variant="h2">To cook from what is open or due</Text>
      <BareList>
        {ideas.map((idea) => (
          <Idea key={idea.formulaId} idea={idea} units={units} />
        ))}
      </BareList>
    </Box>
  );
}

function Idea({ idea, units }: { idea: IdeaView; units: Units }) {
  const go = useGo();
  const { act } = useAct();
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  const cook = async () => {
    const base = idea.takes.find((t) => t.baseFormulaId)?.baseFormulaId;
    if (base) return go(`/meals/${await mealFrom(idea, base)}`);
    const { formulaId, covers } = idea;
    return go('/plan', { state: { formulaId, schools: [], covers } });
  };
  return (
    <RuledRow>
      <IdeaButton onClick={() => act(cook)}>
        {idea.name}, for {idea.covers}
      </IdeaButton>
      {idea.takes.map((t) => (
        <Text key={`${t.what}${t.by}`} tone="muted" size="small">
          {t.massKilograms > 0.97 * t.thereKilograms
            ? `all ${mass(t.thereKilograms)}`
            : `${mass(t.massKilograms)} of ${mass(t.thereKilograms)}`}{' '}
          {t.what.toLowerCase()}
          {t.baseFormulaId ? ' from its tubs, as the base' : ''}, by {dayOf(t.by)}
        </Text>
      ))}
    </RuledRow>
  );
}
