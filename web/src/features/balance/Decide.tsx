import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { client, newId, type BalanceView } from '../../api/client';
import { answered } from '../../api/problem';
import { typed, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Column, Row, Well } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useGo } from '../../ui/useGo';
import { cupName } from './Cups';
import { doseText } from './effects';
import type { BalanceForm } from './form';
import { usePotWrites } from '../../ui/useWrites';

interface Props {
  form: BalanceForm;
  balance: BalanceView;
  batchId: string | undefined;
  formulaId?: string | undefined;
  units: Units;
  change: (to: Partial<BalanceForm>) => void;
}
const MOST_CUPS = 4;

/** What follows the tasting: the trial is kept, the table is asked, and the pot gets its dose. */
export function Decide(props: Props) {
  const { form, balance, batchId, units, change } = props;
  const { keep, ask, chosen } = useDeciding(props);
  const tooSmall = balance.cups.flat().some((d) => d.tooSmall);
  const over = form.cups.length - MOST_CUPS;
  return (
    <Column>
      {form.cups.length > 1 && (
        <Row align="center" wrap>
          {batchId && (
            <ActButton variant="contained" disabled={tooSmall || chosen < 0} onAct={keep}>
              Keep this trial
            </ActButton>
          )}
          {over <= 0 ? (
            <ActButton variant="outlined" onAct={ask}>
              Ask the table, blind
            </ActButton>
          ) : (
            <Text size="note">
              A table puts two to four cups in order: take {over} away, and it can be asked.
            </Text>
          )}
          <Text tone="muted" size="note">
            {next(batchId, chosen)}
          </Text>
        </Row>
      )}
      {batchId && <Asked batchId={batchId} />}
      {batchId && form.ready.length > 0 && (
        <Ready
          doses={form.ready}
          batchId={batchId}
          units={units}
          onIn={(id) => change({ ready: form.ready.filter((d) => d.ingredientId !== id) })}
        />
      )}
    </Column>
  );
}

function next(batchId: string | undefined, chosen: number): string {
  if (!batchId) return 'A trial is kept with a batch that is on the stove.';
  return chosen < 0
    ? 'Taste, then choose a cup.'
    : 'The cups leave the pot; the chosen dose is then ready to weigh.';
}

/** Keeps the trial with the pot, or asks the table. */
function useDeciding({ form, balance, batchId, formulaId, change }: Props) {
  const write = usePotWrites();
  const go = useGo();
  const chosen = form.cups.findIndex((c) => c.key === form.chosen);
  const keep = async () => {
    const cup = typed(form.cup, 'MASS', 'g').value;
    if (cup === undefined || !batchId) return undefined;
    const trial = {
      id: newId(),
      cupKilograms: cup,
      enteredText: '',
      potKilograms: balance.massKilograms,
      tasters: Number(form.tasters) || 0,
      cups: form.cups.map((c) => ({
        doses: c.doses.map(({ ingredientId, massKilograms }) => ({ ingredientId, massKilograms })),
        note: c.note,
      })),
      ...(chosen >= 0 ? { chosen } : {}),
    };
    const sent = await write('/cup-trials', trial, batchId);
    if (sent.kind === 'refused') return sent;
    const ready = (balance.cups[chosen] ?? []).map((d) => ({
      ingredientId: d.ingredientId,
      name: d.name,
      massKilograms: d.forPotKilograms,
    }));
    const cups = form.cups.slice(0, 1).map((c) => ({ ...c, note: '' }));
    return change({ ready, cups, chosen: undefined });
  };
  const ask = async () => {
    const about = batchId ? { batchId } : formulaId ? { formulaId } : {};
    const body = {
      id: newId(),
      title: balance.title,
      cups: form.cups.map(cupName),
      inCups: [...new Set(form.cups.flatMap((c) => c.doses.map((d) => d.ingredientId)))],
      ...about,
    };
    const opened = await answered(client.POST('/api/panels', { body }));
    go(`/panels/${opened.id}`);
  };
  return { keep, ask, chosen };
}

/** What the table was asked about this pot before. */
function Asked({ batchId }: { batchId: string }) {
  const { data = [] } = useQuery({
    queryKey: ['panels', 'of', batchId],
    queryFn: () => answered(client.GET('/api/panels', { params: { query: { batchId } } })),
  });
  if (data.length === 0) return null;
  return (
    <Text size="note">
      The table was asked:{' '}
      {data.map((p, i) => (
        <span key={p.id}>
          {i > 0 && ' · '}
          <Link to={`/panels/${p.id}`}>{p.cups.map((c) => c.what).join(', ')}</Link>
          {p.closed ? '' : ' (open)'}
        </span>
      ))}
    </Text>
  );
}

interface ReadyProps {
  doses: BalanceForm['ready'];
  batchId: string;
  units: Units;
  onIn: (ingredientId: string) => void;
}
/** Doses that were chosen: to be weighed, then in. */
function Ready({ doses, batchId, units, onIn }: ReadyProps) {
  const write = usePotWrites();
  const putIn = async ({ ingredientId, massKilograms }: BalanceForm['ready'][number]) => {
    const added = { id: newId(), ingredientId, massKilograms, enteredText: '' };
    const sent = await write('/additions', { ...added, temperatureCelsius: 20 }, batchId);
    if (sent.kind !== 'refused') onIn(ingredientId);
    return sent;
  };
  return (
    <Well role="group" aria-label="Ready to weigh" on="good">
      <Text bold>Ready to weigh, for the pot</Text>
      {doses.map((d) => (
        <Row key={d.ingredientId} gap={2} align="center" sx={{ mt: 0.5 }}>
          <Text size="lead" sx={{ flex: 1 }}>
            <b>{doseText(d.massKilograms, units)}</b> {d.name.toLowerCase()}
          </Text>
          <ActButton
            variant="contained"
            onAct={() => putIn(d)}
            aria-label={`${d.name} is in the pot`}
          >
            It is in
          </ActButton>
          <Button onClick={() => onIn(d.ingredientId)} aria-label={`Leave out ${d.name}`}>
            Leave it
          </Button>
        </Row>
      ))}
    </Well>
  );
}
