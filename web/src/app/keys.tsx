import { Box, Button, Dialog, DialogContent, DialogTitle, Typography } from '@mui/material';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';

export interface Key {
  key: string;
  does: string;
  act: () => void;
}

const Registry = createContext<(keys: Key[]) => () => void>(() => () => undefined);

/** Registers the keys of a screen while it is shown. */
export function useKeys(keys: Key[]): void {
  const register = useContext(Registry);
  useEffect(() => register(keys));
}

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  Boolean(target.closest('input, textarea, select, [role=dialog]'));

/** Listens for the keys of the screen; `?` shows them. */
export function KeyMap({ children, places }: { children: ReactNode; places: Key[] }) {
  const [sets] = useState(() => new Set<Key[]>());
  const [shown, setShown] = useState<Key[]>();
  const [register] = useState(() => (keys: Key[]) => {
    sets.add(keys);
    return () => void sets.delete(keys);
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || typing(e.target)) return;
      const all = [...[...sets].flat(), ...places];
      if (e.key === '?') return setShown(all);
      const hit = all.find((k) => k.key === e.key);
      if (hit) {
        e.preventDefault();
        hit.act();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [sets, places]);
  return (
    <Registry value={register}>
      {children}
      <Dialog
        open={Boolean(shown)}
        onClose={() => setShown(undefined)}
        aria-labelledby="keys-title"
      >
        <DialogTitle id="keys-title">Keys here</DialogTitle>
        <DialogContent>
          {shown?.map((k) => (
            <Box key={k.key} sx={{ display: 'flex', gap: 3, py: 0.5 }}>
              <Typography component="kbd" sx={{ fontWeight: 700, minWidth: 40 }}>
                {k.key}
              </Typography>
              <Typography>{k.does}</Typography>
            </Box>
          ))}
          <Button onClick={() => setShown(undefined)} variant="outlined" sx={{ mt: 2 }}>
            Close
          </Button>
        </DialogContent>
      </Dialog>
    </Registry>
  );
}
