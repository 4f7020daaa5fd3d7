import { Box, Button, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { client, newId, type BalanceView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { answered, ProblemError } from '../../api/problem';
import { parseQuantity, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { cupName } from './Cups';
import { doseText } from './effects';
import type { BalanceForm } from './form';
import { useOnce } from './useOnce';

interface Props {
  form: BalanceForm;
  balance: BalanceView;
  batchId: string | undefined;
  formulaId?: string | undefined;
  units: Units;
  change: (to: Partial<BalanceForm>) => void;
}

/** What follows the tasting: the trial is kept, the table is asked, and the pot gets its dose. */
export function Decide({ form, balance, batchId, formulaId, units, change }: Props) {
  const { send } = useOutbox();
  const navigate = useNavigate();
  const [fault, setFault] = useState<string>();
  const { busy, once } = useOnce();
  const chosen = form.cups.findIndex((c) => c.key === form.chosen);
  const cup = parseQuantity(form.cup, 'MASS', 'g');
  const tooSmall = balance.cups.flat().some((d) => d.tooSmall);
  const keep = async () => {
    if (cup.outcome !== 'understood') return;
    const sent = await send(
      '/cup-trials',
      {
        id: newId(),
        cupKilograms: cup.value,
        enteredText: '',
        potKilograms: balance.massKilograms,
        tasters: Number(form.tasters) || 0,
        cups: form.cups.map((c) => ({
          doses: c.doses.map(({ ingredientId, massKilograms }) => ({
            ingredientId,
            massKilograms,
          })),
          note: c.note,
        })),
        ...(chosen >= 0 ? { chosen } : {}),
      },
      batchId,
    );
    if (sent.kind === 'refused') return setFault(sent.error.summary);
    setFault(undefined);
    const doses = (balance.cups[chosen] ?? []).map((d) => ({
      ingredientId: d.ingredientId,
      name: d.name,
      massKilograms: d.forPotKilograms,
    }));
    change({
      ready: doses,
      cups: form.cups.slice(0, 1).map((c) => ({ ...c, note: '' })),
      chosen: undefined,
    });
  };
  const ask = async () => {
    try {
      const opened = await answered(
        client.POST('/api/panels', {
          body: {
            id: newId(),
            title: balance.title,
            cups: form.cups.map(cupName),
            inCups: [...new Set(form.cups.flatMap((c) => c.doses.map((d) => d.ingredientId)))],
            ...(batchId ? { batchId } : formulaId ? { formulaId } : {}),
          },
        }),
      );
      void navigate(`/panels/${opened.id}`);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const several = form.cups.length > 1;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      {several && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          {batchId && (
            <Button
              variant="contained"
              disabled={busy || tooSmall || chosen < 0}
              onClick={() => once(keep)}
            >
              Keep this trial
            </Button>
          )}
          {form.cups.length <= 4 && (
            <Button variant="outlined" disabled={busy} onClick={() => once(ask)}>
              Ask the table, blind
            </Button>
          )}
          {form.cups.length > 4 && (
            <Typography sx={{ fontSize: sizes.note }}>
              A table puts two to four cups in order: take {form.cups.length - 4} away, and it can
              be asked.
            </Typography>
          )}
          <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
            {batchId
              ? chosen < 0
                ? 'Taste, then choose a cup.'
                : 'The cups leave the pot; the chosen dose is then ready to weigh.'
              : 'A trial is kept with a batch that is on the stove.'}
          </Typography>
        </Box>
      )}
      {fault && <Note tone="tomato">{fault}</Note>}
      {batchId && <Asked batchId={batchId} />}
      {batchId && form.ready.length > 0 && (
        <Ready
          doses={form.ready}
          batchId={batchId}
          units={units}
          onIn={(id) => change({ ready: form.ready.filter((d) => d.ingredientId !== id) })}
        />
      )}
    </Box>
  );
}

/** What the table was asked about this pot before. */
function Asked({ batchId }: { batchId: string }) {
  const { data = [] } = useQuery({
    queryKey: ['panels', 'of', batchId],
    queryFn: () => answered(client.GET('/api/panels', { params: { query: { batchId } } })),
  });
  if (data.length === 0) return null;
  return (
    <Typography sx={{ fontSize: sizes.note }}>
      The table was asked:{' '}
      {data.map((p, i) => (
        <span key={p.id}>
          {i > 0 && ' · '}
          <Link to={`/panels/${p.id}`}>{p.cups.map((c) => c.what).join(', ')}</Link>
          {p.closed ? '' : ' (open)'}
        </span>
      ))}
    </Typography>
  );
}

/** Doses that were chosen: to be weighed, then in. */
function Ready({
  doses,
  batchId,
  units,
  onIn,
}: {
  doses: BalanceForm['ready'];
  batchId: string;
  units: Units;
  onIn: (ingredientId: string) => void;
}) {
  const { send } = useOutbox();
  const [fault, setFault] = useState<string>();
  const { busy, once } = useOnce();
  const putIn = async (d: BalanceForm['ready'][number]) => {
    const sent = await send(
      '/additions',
      {
        id: newId(),
        ingredientId: d.ingredientId,
        massKilograms: d.massKilograms,
        temperatureCelsius: 20,
        enteredText: '',
      },
      batchId,
    );
    if (sent.kind === 'refused') setFault(sent.error.summary);
    else onIn(d.ingredientId);
  };
  return (
    <Box
      role="group"
      aria-label="Ready to weigh"
      sx={{ bgcolor: 'kitchen.basilSoft', borderRadius: 1, p: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>Ready to weigh, for the pot</Typography>
      {doses.map((d) => (
        <Box key={d.ingredientId} sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 0.5 }}>
          <Typography sx={{ flex: 1, fontSize: sizes.lead }}>
            <b>{doseText(d.massKilograms, units)}</b> {d.name.toLowerCase()}
          </Typography>
          <Button
            variant="contained"
            disabled={busy}
            onClick={() => once(() => putIn(d))}
            aria-label={`${d.name} is in the pot`}
          >
            It is in
          </Button>
          <Button onClick={() => onIn(d.ingredientId)} aria-label={`Leave out ${d.name}`}>
            Leave it
          </Button>
        </Box>
      ))}
      {fault && <Note tone="tomato">{fault}</Note>}
    </Box>
  );
}
