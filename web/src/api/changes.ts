import { useQueryClient, type QueryClient, type QueryKey } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import type { components } from './schema';
import { report } from './report';

type Change = components['schemas']['Change'];

/** What screens load of each topic: whole families of keys, by their first word. */
const LOADED: Record<string, string[]> = {
  batches: ['batches', 'plan', 'plan-shares', 'plan-ways', 'tasks'],
  keepings: ['keepings', 'lots', 'batches', 'tasks'],
  lots: ['lots', 'keepings', 'plan', 'tasks'],
  pantry: ['pantry', 'avoided', 'formulas', 'without', 'stock', 'plan', 'meals', 'tasks'],
  stock: ['stock', 'lots', 'plan', 'meals', 'tasks'],
  formulas: ['formulas', 'lots', 'meals', 'tasks'],
  kitchen: ['kitchen', 'plan', 'plan-ways', 'plan-shares', 'keepings', 'tasks'],
  rules: ['rule-sets', 'keepings', 'lots', 'tasks'],
  meals: ['meals'],
  services: ['services', 'tasks'],
  panels: ['panels', 'taste'],
  notes: ['stage-notes'],
};
const UUID = /^[0-9a-f]{8}-/;
/** Screens of one kitchen hear of a change together: they do not all ask in the same moment. */
const SPREAD_MS = 150;
const POLLED_ANYWAY_MS = 60_000;
const REOPEN_MS = 3000;

/** Whether what was loaded under a key may be other after the change. */
export function touches(change: Pick<Change, 'topic' | 'id'>, key: QueryKey): boolean {
  if (change.topic === 'everything') return true;
  const [family, which, part] = key;
  if (!LOADED[change.topic]?.includes(String(family))) return false;
  // What somebody edits is not pulled from under the hands: saving it tells of the other's change.
  if (family === 'formulas' && part === 'sheet') return false;
  // A page of another pot, lot or meal stays as it is.
  const ofAnother =
    family === change.topic &&
    typeof which === 'string' &&
    UUID.test(which) &&
    UUID.test(change.id) &&
    which !== change.id;
  return !ofAnother;
}

const streaming = { on: false };
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
const say = (on: boolean): void => {
  if (streaming.on === on) return;
  streaming.on = on;
  listeners.forEach((each) => each());
};

/** How often to ask anyway: seldom while changes are told, as often as before when they are not. */
export function usePolling(everyMs: number, toldMs = POLLED_ANYWAY_MS): number {
  const on = useSyncExternalStore(subscribe, () => streaming.on);
  return on ? Math.max(everyMs, toldMs) : everyMs;
}

type Timer = ReturnType<typeof setTimeout>;
/** @property missed whether hints may have been missed since it was loaded */
interface Held {
  source: EventSource | undefined;
  timer: Timer | undefined;
  again: Timer | undefined;
  missed: boolean;
}

/** Listens to the server's hints while the screen is seen. Returns how to end it. */
export function listen(queries: QueryClient): () => void {
  const waiting: Change[] = [];
  const held: Held = { source: undefined, timer: undefined, again: undefined, missed: false };
  const load = () => {
    held.timer = undefined;
    const heard = waiting.splice(0);
    queries
      .invalidateQueries({
        predicate: (query) => heard.some((each) => touches(each, query.queryKey)),
      })
      .catch(report);
  };
  const hear = (change: Change) => {
    waiting.push(change);
    held.timer ??= setTimeout(load, Math.random() * SPREAD_MS);
  };
  const shut = () => {
    clearTimeout(held.again);
    held.source?.close();
    held.source = undefined;
    say(false);
  };
  const open = () => {
    if (held.source || document.visibilityState === 'hidden') return;
    const source = new EventSource('/api/changes');
    held.source = source;
    source.addEventListener('change', (event: MessageEvent<string>) =>
      hear(JSON.parse(event.data) as Change),
    );
    source.onopen = () => {
      say(true);
      if (held.missed) hear({ topic: 'everything', version: 0, id: '' });
      held.missed = false;
    };
    source.onerror = () => {
      held.missed = true;
      shut();
      held.again = setTimeout(open, REOPEN_MS * (1 + Math.random()));
    };
  };
  const turn = () => {
    if (document.visibilityState === 'hidden') {
      held.missed = true;
      shut();
    } else open();
  };
  document.addEventListener('visibilitychange', turn);
  open();
  return () => {
    document.removeEventListener('visibilitychange', turn);
    clearTimeout(held.timer);
    shut();
  };
}

/** Keeps every screen as the kitchen is. Used once, around all of them. */
export function useChanges(): void {
  const queries = useQueryClient();
  // A browser without streams, or a stand-in of one, asks as often as before.
  useEffect(() => (typeof EventSource === 'undefined' ? undefined : listen(queries)), [queries]);
}
