import { Skeleton } from '@mui/material';
import { useEffect, useState } from 'react';
import type { JourneyStep } from './Journey';
import { Note } from './Note';
import { Page } from './Page';
import { Column } from './layout';

/** Sooner than this nothing moves: a quick answer does not flicker. */
const QUIET_MS = 200;
const LINES = ['62%', '48%', '55%', '34%'];

/** Lines in the shape of what will stand there. */
export function Bones({ lines = LINES }: { lines?: string[] }) {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSeen(true), QUIET_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!seen) return null;
  return (
    <Column role="status" aria-label="Being fetched" gap={1.5}>
      <Skeleton variant="rounded" height={120} width="100%" />
      {lines.map((width) => (
        <Skeleton key={width} variant="rounded" height={22} width={width} />
      ))}
    </Column>
  );
}

interface Props {
  title: string;
  sub?: string;
  step?: JourneyStep;
  error?: Error | null | undefined;
}

/** A page whose figures are still asked for, or cannot be had. */
export function Pending({ title, sub = '', step, error }: Props) {
  return (
    <Page title={title} sub={sub} {...(step ? { step } : {})}>
      {error ? <Note tone="tomato">{error.message}</Note> : <Bones />}
    </Page>
  );
}
