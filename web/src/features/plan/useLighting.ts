import { useState } from 'react';
import { newId, type FormulaSummary, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { useUndo } from '../../ui/undo';
import { useGo } from '../../ui/useGo';
import { afterLighting, type PlanForm } from './form';
import { kept } from './shares';
import type { PlannedBatch } from './usePlanned';

interface Props {
  kitchen: KitchenView;
  formula: FormulaSummary;
  form: PlanForm;
  change: (to: Partial<PlanForm>) => void;
  batch: PlannedBatch;
}

/** Why something could not be lit; an hour ago is asked for again with its hour. */
interface NotLit {
  error: ProblemError;
  lit: string | undefined;
}

/** Lights one pot, or all pots of a batch; what was lit can be taken back for a while. */
export function useLighting({ kitchen, formula, form, change, batch }: Props) {
  const { send } = useOutbox();
  const offerBack = useUndo();
  const go = useGo();
  const [notLit, setNotLit] = useState<NotLit>();
  const [sharesFault, setSharesFault] = useState<ProblemError>();
  const { request, shares, taken } = batch;
  const free = kitchen.heatSources
    .filter((h) => !taken.has(h.id))
    .toSorted((a, b) => b.powerIntoPotWatts - a.powerIntoPotWatts);
  const offer = (lit: string[], words: string) => {
    const before = form;
    offerBack({
      words,
      acts: lit.map((id) => ({ of: 'batches', id, by: '/take-backs', eventId: id })),
      onBack: () => {
        change(before);
        go('/plan');
      },
    });
  };

  const start = async (litLocalTime?: string, sharesHeat = false) => {
    if (!request) return;
    const id = newId();
    const hour = litLocalTime ? { happenedLocalTime: litLocalTime } : {};
    const sent = await send('/api/batches', {
      id,
      plan: request,
      timeScale: 1,
      sharesHeat,
      ...hour,
    });
    if (sent.kind === 'refused') return setNotLit({ error: sent.error, lit: litLocalTime });
    offer([id], `${formula.name} is lit.`);
    change(afterLighting(form, request.vesselId));
    go(`/pots/${id}`);
  };

  /** Each share is a batch of its own; what was lit stays lit where a later one is refused. */
  const startAll = async () => {
    if (!request) return;
    const ids = shares.map(() => newId());
    const words = (count: number) =>
      `${count} ${count === 1 ? 'pot' : 'pots'} of ${formula.name} ${count === 1 ? 'is' : 'are'} lit.`;
    for (const [place, share] of shares.entries()) {
      const plan = {
        ...request,
        sizedBy: 'COVERS' as const,
        covers: Math.round(share.covers),
        vesselId: share.vesselId,
        heatSourceId: free[place]?.id ?? request.heatSourceId,
      };
      const sent = await send('/api/batches', { id: ids[place] ?? newId(), plan, timeScale: 1 });
      if (sent.kind !== 'refused') continue;
      change({ shares: shares.map((s, i) => ({ ...kept(s), lit: i < place })) });
      if (place > 0) offer(ids.slice(0, place), words(place));
      return setSharesFault(sent.error);
    }
    offer(ids, words(ids.length));
    go(`/pots/${ids[0]}`);
  };
  return { start, startAll, notLit, sharesFault, freeBurners: free.length };
}
