import { useBatches } from '../../api/batches';
import { Box } from '@mui/material';
import { useMemo } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { type FormulaSummary, type PlanRequest } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Pick } from '../../ui/fields';
import { Balanced } from './Balanced';
import type { Which } from './form';

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
  const chosen = choices.find((c) => c.key === wanted) ?? choices[0];
  const fault = error ?? shelf.error ?? live.error;
  if (!kitchen || !live.data || !shelf.data || !chosen)
    return (
      <Page title="Balance" sub="" step="Balance">
        {fault && <Note tone="tomato">{fault.message}</Note>}
      </Page>
    );
  const pick = (
    <Pick
      label="Which pot"
      value={chosen.key}
      options={choices.map((c) => [c.key, c.words] as const)}
      onPick={(key) => setSearch({ pot: key }, { replace: true, state })}
    />
  );
  return (
    <Balanced
      key={chosen.key}
      pot={chosen.key}
      which={chosen.which}
      words={chosen.words}
      kitchen={kitchen}
      pick={<Box sx={{ minWidth: 0, maxWidth: '100%' }}>{pick}</Box>}
    />
  );
}

function all(
  live: { id: string; name: string; pot: { vessel: { name: string } } }[],
  shelf: FormulaSummary[],
  plan: PlanRequest | undefined,
): Choice[] {
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
