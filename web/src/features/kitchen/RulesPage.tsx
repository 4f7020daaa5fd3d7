import { Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type LimitView, type RuleSetView } from '../../api/client';
import { useRuleSets } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Choices } from '../../ui/Choices';
import { Page } from '../../ui/Page';
import { LimitForm } from './LimitForm';
import { limitText } from './limits';
import { BareList } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { LimitRow, RuleRow } from './kitchen.styles';
import { Pending } from '../../ui/Pending';

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
  const [shown, setShown] = useState<string>();
  const [changing, setChanging] = useState<LimitView>();
  const set = sets?.find((s) => s.id === shown) ?? sets?.find((s) => s.inForce);
  if (!kitchen || !sets || !set)
    return <Pending title="Limits" sub="of the food code in force" error={error} />;
  const { units } = kitchen.settings;
  const force = set.inForce ? 'in force here' : 'not in force';
  const own = set.basisName ? ` · our own copy of ${set.basisName}` : '';
  return (
    <Page
      title={set.name}
      sub={`${force}${own} · your local code and trained staff come first`}
      acts={<RuleActs set={set} onShown={setShown} />}
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
      <Limits set={set} units={units} onChange={setChanging} />
      <CookedTo set={set} units={units} />
      <Changes set={set} zone={kitchen.settings.zone} />
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

/** Copies it to change it, or puts it in force. */
function RuleActs({ set, onShown }: { set: RuleSetView; onShown: (id: string) => void }) {
  const queries = useQueryClient();
  const write = async (call: Promise<RuleSetView>) => {
    onShown((await call).id);
    await queries.invalidateQueries({ queryKey: ['rule-sets'] });
  };
  const copied = { id: newId(), name: `Ours, after ${set.name}`, basis: set.id };
  const copy = () => write(answered(client.POST('/api/rule-sets', { body: copied })));
  const of = { params: { path: { id: set.id } } };
  const putInForce = () => write(answered(client.PUT('/api/rule-sets/{id}/in-force', of)));
  return (
    <>
      {!set.inForce && (
        <ActButton variant="contained" onAct={putInForce}>
          Put it in force
        </ActButton>
      )}
      <ActButton variant="outlined" onAct={copy}>
        Copy it to change it
      </ActButton>
    </>
  );
}

interface LimitsProps {
  set: RuleSetView;
  units: Units;
  onChange: (limit: LimitView) => void;
}
function Limits({ set, units, onChange }: LimitsProps) {
  return (
    <BareList aria-label="Limits">
      {set.limits.map((l) => (
        <LimitRow key={l.limit}>
          <Text>{l.inWords}</Text>
          <Text bold>{limitText(l.unit, l.value, units)}</Text>
          <Text tone="muted" size="small" sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
            {l.section}
            {l.reason && (
              <>
                <br />
                <Span tone={l.laxer ? 'alarm' : 'ink'}>
                  {l.laxer ? 'laxer' : 'stricter'} than the {limitText(l.unit, l.basisValue, units)}{' '}
                  of the code: {l.reason}
                </Span>
              </>
            )}
          </Text>
          {set.basisName ? (
            <Button onClick={() => onChange(l)} aria-label={`Change ${l.inWords}`}>
              Change
            </Button>
          ) : (
            <span />
          )}
        </LimitRow>
      ))}
    </BareList>
  );
}

/** Core temperatures, food by food. */
function CookedTo({ set, units }: { set: RuleSetView; units: Units }) {
  const held = ({ seconds }: RuleSetView['cooking'][number]) =>
    seconds > 0 ? ` for ${limitText('SECONDS', seconds, units)}` : '';
  return (
    <>
      <Text variant="h2">Cooked to</Text>
      <BareList aria-label="Core temperatures">
        {(Object.keys(FOODS) as (keyof typeof FOODS)[])
          .map((food) => ({ food, rows: set.cooking.filter((c) => c.food === food) }))
          .filter(({ rows }) => rows.length > 0)
          .map(({ food, rows }) => (
            <RuleRow key={food}>
              <Text sx={{ fontWeight: { xs: 700, md: 400 } }}>{FOODS[food]}</Text>
              <Text sx={{ gridColumn: { md: '2 / 4' } }}>
                {rows.map((r) => limitText('CELSIUS', r.celsius, units) + held(r)).join(' or ')}{' '}
                <Span tone="muted" size="small">
                  {rows[0]?.section}
                </Span>
              </Text>
            </RuleRow>
          ))}
      </BareList>
    </>
  );
}

function Changes({ set, zone }: { set: RuleSetView; zone: string }) {
  if (set.changes.length === 0) return null;
  const changed = set.changes.map((c) => {
    const what = set.limits.find((l) => l.limit === c.limit)?.inWords ?? c.limit;
    return `${show.day(c.changedAt, zone)} ${show.hour(c.changedAt, zone)}, ${what}, by the ${c.changedBy}`;
  });
  return (
    <Text tone="muted" size="small">
      Changed: {changed.join(' · ')}
    </Text>
  );
}
