import { Button } from '@mui/material';
import { useCallback, useState, type ReactNode } from 'react';
import type { ProblemError } from '../api/problem';
import { Note } from './Note';
import { Strip } from './ui.styles';
import { Tell } from './useAct';

/** Says above the page what was refused, until it is read. */
export function Told({ children }: { children: ReactNode }) {
  const [refused, setRefused] = useState<ProblemError>();
  const tell = useCallback((problem: ProblemError) => setRefused(problem), []);
  return (
    <Tell value={tell}>
      {refused && (
        <Strip>
          <Note tone="tomato">
            {refused.summary}{' '}
            <Button color="inherit" onClick={() => setRefused(undefined)}>
              Close
            </Button>
          </Note>
        </Strip>
      )}
      {children}
    </Tell>
  );
}
