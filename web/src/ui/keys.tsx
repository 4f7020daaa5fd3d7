import { Button, Dialog, DialogContent, DialogTitle } from '@mui/material';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Row } from './layout';
import { Text } from './text';

export interface Key {
  key: string;
  does: string;
  act: () => void;
  /** It writes: no slip of a finger does that while a control has the focus. */
  writes?: boolean;
}

interface Keys {
  register: (keys: Key[]) => () => void;
  show: () => void;
}
const Registry = createContext<Keys>({ register: () => () => undefined, show: () => undefined });

/** Registers the keys of a screen while it is shown. */
export function useKeys(keys: Key[]): void {
  const { register } = useContext(Registry);
  useEffect(() => register(keys));
}

/** Shows which keys there are, for those who have no `?`. */
export const useShowKeys = (): (() => void) => useContext(Registry).show;

const within = (target: EventTarget | null, what: string) =>
  target instanceof HTMLElement && target.closest(what) !== null;
/** Letters are theirs. */
const TYPED = 'input, textarea, select, [contenteditable], [role=dialog], [role=listbox]';
const CONTROL = `${TYPED}, a, button, summary, [role=button]`;

/** Listens for the keys of the screen; `?` shows them. */
export function KeyMap({ children, places }: { children: ReactNode; places: Key[] }) {
  const [sets] = useState(() => new Set<Key[]>());
  const [shown, setShown] = useState<Key[]>();
  const keys = useMemo(
    () => ({
      register: (of: Key[]) => {
        sets.add(of);
        return () => void sets.delete(of);
      },
      show: () => setShown([...[...sets].flat(), ...places]),
    }),
    [sets, places],
  );
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || within(e.target, TYPED)) return;
      if (e.key === '?') return keys.show();
      const hit = [...[...sets].flat(), ...places].find((k) => k.key === e.key);
      if (!hit || (hit.writes && within(e.target, CONTROL))) return;
      e.preventDefault();
      hit.act();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [sets, places, keys]);
  return (
    <Registry value={keys}>
      {children}
      <Shown keys={shown} onClose={() => setShown(undefined)} />
    </Registry>
  );
}

function Shown({ keys, onClose }: { keys: Key[] | undefined; onClose: () => void }) {
  return (
    <Dialog open={Boolean(keys)} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys here</DialogTitle>
      <DialogContent>
        {keys?.map((k) => (
          <Row key={k.key} gap={3} sx={{ py: 0.5 }}>
            <Text component="kbd" bold sx={{ minWidth: 40 }}>
              {k.key}
            </Text>
            <Text>{k.does}</Text>
          </Row>
        ))}
        <Button onClick={onClose} variant="outlined" sx={{ mt: 2 }}>
          Close
        </Button>
      </DialogContent>
    </Dialog>
  );
}
