import { Checkbox, FormControlLabel } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { client, newId, type Avoid, type FormulaView, type WithoutView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { list } from '../../ui/list';
import { SwapLine } from '../../ui/SwapLine';
import { Column, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useGo } from '../../ui/useGo';
import { useSheet } from '../../ui/useSheet';

interface Props {
  formula: FormulaView;
  units: Units;
  onClose: () => void;
}
interface Offer {
  avoid: Avoid;
  words: string;
}

const keyOf = ({ avoid }: Offer) => `${avoid.kind} ${avoid.key}`;
const KINDS = ['garlic', 'onion', 'pork', 'meat', 'alcohol', 'egg', 'fish', 'shellfish'];

/** What could be left out: allergens it carries, kinds, and its own ingredients. */
function offers(formula: FormulaView): Offer[] {
  const allergens = formula.analysis.declaration.allergens.map((a): Offer => ({
    avoid: { kind: 'ALLERGEN', key: a.allergen },
    words: a.words,
  }));
  const kinds = KINDS.filter((k) => !allergens.some((a) => a.words === k)).map((k): Offer => ({
    avoid: { kind: 'TRAIT', key: k.toUpperCase() },
    words: k,
  }));
  return [...allergens, ...kinds];
}

/** What is left out, what that comes to, and how it is kept. */
function useWithout({ formula, onClose }: Props) {
  const all = useMemo(() => offers(formula), [formula]);
  const sheet = useSheet<{ chosen: string[] }>({ chosen: [] }, `without ${formula.id}`);
  const go = useGo();
  const queries = useQueryClient();
  const chosen = all.filter((o) => sheet.values.chosen.includes(keyOf(o)));
  const avoid = chosen.map((c) => c.avoid);
  const { data: made } = useQuery({
    queryKey: ['without', formula.id, JSON.stringify([formula.chosen, avoid])],
    queryFn: () =>
      answered(
        client.POST('/api/formulas/{id}/without', {
          params: { path: { id: formula.id } },
          body: { schools: formula.chosen, avoid },
        }),
      ),
    enabled: chosen.length > 0,
    placeholderData: (last) => last,
  });
  const keep = async () => {
    if (!made) return;
    const id = newId();
    const name = `${formula.name} without ${list(chosen.map((c) => c.words))}`.slice(0, 80);
    const to = {
      params: { path: { id }, header: { 'If-Match': 0 } },
      body: {
        sheet: { ...made.sheet, name },
        note: `made from ${formula.name}, version ${formula.version}`,
      },
    };
    if (!(await sheet.attempt(() => answered(client.PUT('/api/formulas/{id}', to))))) return;
    await queries.invalidateQueries({ queryKey: ['formulas'] });
    onClose();
    go(`/formulas/${id}`);
  };
  return { all, sheet, chosen, made, keep };
}

/** Make it without …: what is exchanged, what that changes, and a formula of one's own to keep. */
export function WithoutSheet(props: Props) {
  const { formula, units, onClose } = props;
  const { all, sheet, chosen, made, keep } = useWithout(props);
  const keys = sheet.values.chosen;
  const toggle = (key: string) =>
    sheet.put('chosen', keys.includes(key) ? keys.filter((k) => k !== key) : [...keys, key]);
  return (
    <Sheet
      of={sheet}
      title={`Make ${formula.name} without…`}
      act="Keep it as ours"
      ready={chosen.length > 0 && made !== undefined}
      onAct={keep}
      onClose={onClose}
      width="sm"
    >
      <Row wrap sx={{ rowGap: 0 }}>
        {all.map((o) => (
          <FormControlLabel
            key={keyOf(o)}
            control={<Checkbox checked={chosen.includes(o)} onChange={() => toggle(keyOf(o))} />}
            label={o.words}
          />
        ))}
      </Row>
      {chosen.length > 0 && made && <Swaps made={made} units={units} before={formula} />}
    </Sheet>
  );
}

function Swaps({ made, units, before }: { made: WithoutView; units: Units; before: FormulaView }) {
  const carries = made.analysis.declaration.allergens.map((a) => a.words);
  return (
    <Column>
      {made.swaps.length === 0 && <Text>Nothing of that is in it: it can be made as it is.</Text>}
      {made.swaps.map((s, i) => (
        <SwapLine key={`${s.was}${i}`} swap={s} units={units} />
      ))}
      <Text size="note">
        It then makes {show.text(show.mass(made.analysis.madeMassKilograms, units))} with{' '}
        {show.text(show.percent(made.analysis.saltFraction))} salt (
        {show.text(show.percent(before.analysis.saltFraction))} before) and{' '}
        {carries.length === 0 ? 'carries no allergen of the law' : `carries ${list(carries)}`}.
      </Text>
    </Column>
  );
}
