import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type LimitView, type RuleSetView } from '../../api/client';
import { useRuleSets } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { answered, ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { LimitForm } from './LimitForm';

const DAY = 86_400;

/** A limit's value as a cook reads it. */
export function limitText(unit: LimitView['unit'], value: number, units: Units): string {
  switch (unit) {
    case 'CELSIUS':
      return show.text(show.temperature(value, units, Number.isInteger(value) ? 0 : 1));
    case 'SECONDS':
      return value < 120
        ? `${value} s`
        : value >= 2 * DAY && value % DAY === 0
          ? `${value / DAY} days`
          : show.text(show.span(value));
    case 'DAYS':
      return `${value} days`;
    case 'TIMES':
      return value === 1 ? 'once' : `${value} times`;
    case 'YES_NO':
      return value > 0 ? 'yes, once' : 'no';
  }
}

const FOODS: Record<RuleSetView['cooking'][number]['food'], string> = {
  POULTRY_OR_STUFFED: 'Birds, anything stuffed',
  MINCED: 'Minced meat and fish',
  WHOLE: 'Whole meat, fish, shellfish',
  EGGS_AT_ONCE: 'Eggs, broken for one guest and served at once',
  EGGS_TO_HOLD: 'Eggs, pooled, held or bound with',
  ROAST: 'Whole roasts',
  MICROWAVED: 'Raw food in a microwave, then standing covered',
  PLANTS_TO_HOLD: 'Vegetables that are then held hot',
};

/** The limits in force, each with its section; a copy can be changed with a reason. */
export function RulesPage() {
  const { data: kitchen } = useKitchen();
  const { data: sets, error } = useRuleSets();
  const queries = useQueryClient();
  const [shown, setShown] = useState<string>();
  const [changing, setChanging] = useState<LimitView>();
  const [problem, setProblem] = useState<ProblemError>();
  const set = sets?.find((s) => s.id === shown) ?? sets?.find((s) => s.inForce);
  const act = async (write: () => Promise<RuleSetView>) => {
    try {
      setShown((await write()).id);
      setProblem(undefined);
      await queries.invalidateQueries({ queryKey: ['rule-sets'] });
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setProblem(e);
    }
  };
  const copy = (of: RuleSetView) =>
    void act(() =>
      answered(
        client.POST('/api/rule-sets', {
          body: { id: newId(), name: `Ours, after ${of.name}`, basis: of.id },
        }),
      ),
    );
  const putInForce = (id: string) =>
    void act(() =>
      answered(client.PUT('/api/rule-sets/{id}/in-force', { params: { path: { id } } })),
    );
  if (!kitchen || !sets || !set)
    return (
      <Page title="Limits" sub="of the food code in force">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  const { units } = kitchen.settings;
  const acts = (
    <>
      {!set.inForce && (
        <Button variant="contained" onClick={() => putInForce(set.id)}>
          Put it in force
        </Button>
      )}
      <Button variant="outlined" onClick={() => copy(set)}>
        Copy it to change it
      </Button>
    </>
  );
  return (
    <Page
      title={set.name}
      sub={`${set.inForce ? 'in force here' : 'not in force'}${set.basisName ? ` · our own copy of ${set.basisName}` : ''} · your local code and trained staff come first`}
      acts={acts}
    >
      {sets.length > 1 && (
        <Choices
          label="Rule set"
          options={sets.map((s) => ({
            value: s.id,
            text: s.inForce ? `${s.name}, in force` : s.name,
          }))}
          chosen={set.id}
          onChoose={setShown}
        />
      )}
      {problem && <Note tone="tomato">{problem.summary}</Note>}
      <Box component="ul" aria-label="Limits" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {set.limits.map((l) => (
          <Box
            component="li"
            key={l.limit}
            sx={{
              display: 'grid',
              gridTemplateColumns: columns.rule,
              columnGap: 2,
              alignItems: 'baseline',
              borderBottom: 1,
              borderColor: 'divider',
              py: 0.6,
            }}
          >
            <Typography>{l.inWords}</Typography>
            <Typography sx={{ fontWeight: 700 }}>{limitText(l.unit, l.value, units)}</Typography>
            <Typography
              sx={{
                fontSize: sizes.small,
                color: 'text.secondary',
                gridColumn: { xs: '1 / -1', md: 'auto' },
              }}
            >
              {l.section}
              {l.reason && (
                <>
                  <br />
                  <Box component="span" sx={{ color: l.laxer ? 'error.main' : 'text.primary' }}>
                    {l.laxer ? 'laxer' : 'stricter'} than the{' '}
                    {limitText(l.unit, l.basisValue, units)} of the code: {l.reason}
                  </Box>
                </>
              )}
            </Typography>
            {set.basisName ? (
              <Button onClick={() => setChanging(l)} aria-label={`Change ${l.inWords}`}>
                Change
              </Button>
            ) : (
              <span />
            )}
          </Box>
        ))}
      </Box>
      <Typography variant="h2">Cooked to</Typography>
      <Box component="ul" aria-label="Core temperatures" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {(Object.keys(FOODS) as (keyof typeof FOODS)[]).map((food) => {
          const rows = set.cooking.filter((c) => c.food === food);
          return rows.length === 0 ? null : (
            <Box
              component="li"
              key={food}
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', md: columns.rule.md },
                columnGap: 2,
                borderBottom: 1,
                borderColor: 'divider',
                py: 0.6,
              }}
            >
              <Typography sx={{ fontWeight: { xs: 700, md: 400 } }}>{FOODS[food]}</Typography>
              <Typography sx={{ gridColumn: { md: '2 / 4' } }}>
                {rows
                  .map(
                    (r) =>
                      `${limitText('CELSIUS', r.celsius, units)}${r.seconds > 0 ? ` for ${limitText('SECONDS', r.seconds, units)}` : ''}`,
                  )
                  .join(' or ')}{' '}
                <Box component="span" sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
                  {rows[0]?.section}
                </Box>
              </Typography>
            </Box>
          );
        })}
      </Box>
      {set.changes.length > 0 && (
        <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
          Changed:{' '}
          {set.changes
            .map(
              (c) =>
                `${show.day(c.changedAt, kitchen.settings.zone)} ${show.hour(c.changedAt, kitchen.settings.zone)}, ${set.limits.find((l) => l.limit === c.limit)?.inWords ?? c.limit}, by the ${c.changedBy}`,
            )
            .join(' · ')}
        </Typography>
      )}
      {changing && (
        <LimitForm
          set={set}
          limit={changing}
          units={units}
          onClose={() => setChanging(undefined)}
        />
      )}
    </Page>
  );
}
