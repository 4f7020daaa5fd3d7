import { Box } from '@mui/material';
import { useMemo } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import { useBatches } from '../../api/batches';
import type { FormulaSummary, OnStove, PlanRequest } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Pick } from '../../ui/fields';
import { Balanced } from './Balanced';
import type { Which } from './form';
import { Coming } from '../../ui/Pending';

/** A pot that can be balanced, by a key that outlives a reload. */
interface Choice {
  key: string;
  words: string;
  which: Which;
}

/** Which pot is meant: one on the stove, a plan that was sent here, or a formula of the shelf. */
export function BalancePage() {
  const { data: kitchen, error } = useKitchen();
  const shelf = useFormulas();
  const live = useBatches();
  const { state } = useLocation() as { state: { plan: PlanRequest } | null };
  const [search, setSearch] = useSearchParams();
  const choices = useMemo(
    () => all(live.data ?? [], shelf.data ?? [], state?.plan),
    [live.data, shelf.data, state],
  );
  const wanted = search.get('pot');
  const chosen = wanted === null ? choices[0] : choices.find((c) => c.key === wanted);
  const fault = error ?? shelf.error ?? live.error;
  const isLoaded = kitchen && live.data && shelf.data;
  const pick = isLoaded && (
    <Box sx={{ minWidth: 0, maxWidth: '100%' }}>
      <Pick
        label="Which pot"
        value={chosen?.key ?? ''}
        options={[
          ...(chosen ? [] : [['', 'choose'] as const]),
          ...choices.map((c) => [c.key, c.words] as const),
        ]}
        onPick={(key) => setSearch({ pot: key }, { replace: true, state })}
      />
    </Box>
  );
  if (!isLoaded || !chosen)
    return (
      <Page title="Balance" sub="" step="Balance" acts={pick}>
        <Coming error={fault} come={Boolean(isLoaded)} shape="columns" />
        {isLoaded && wanted && <Gone pot={wanted} />}
      </Page>
    );
  return (
    <Balanced
      key={chosen.key}
      pot={chosen.key}
      which={chosen.which}
      words={chosen.words}
      kitchen={kitchen}
      pick={pick}
    />
  );
}

/** What the address asks for is not balanced any more: no other pot is shown in its place. */
function Gone({ pot }: { pot: string }) {
  if (pot === 'plan')
    return (
      <Note>
        The plan that was balanced here is not at hand any more.{' '}
        <Link to="/plan">Open it under Plan</Link> and balance it from there.
      </Note>
    );
  return (
    <Note>
      This pot is off the heat, or its formula is no longer on the shelf.{' '}
      <Link to={`/pots/${pot}`}>Look at the pot</Link>, or choose another above.
    </Note>
  );
}

function all(live: OnStove[], shelf: FormulaSummary[], plan: PlanRequest | undefined): Choice[] {
  const name = (id: string) => shelf.find((f) => f.id === id)?.name ?? id;
  return [
    ...(plan ? [{ key: 'plan', words: `planned: ${name(plan.formulaId)}`, which: { plan } }] : []),
    ...live.map((b) => ({
      key: b.id,
      words: `on the stove: ${b.name}, ${b.pot.vessel.name}`,
      which: { batchId: b.id },
    })),
    ...shelf
      .filter((f) => f.targetSolidsFraction !== undefined)
      .map((f) => ({ key: f.id, words: f.name, which: { formulaId: f.id, schools: [] } })),
  ];
}
