import { Button } from '@mui/material';
import type { MouseEvent, ReactNode } from 'react';
import { Link } from 'react-router';
import { report } from '../../../api/report';
import { useGo } from '../../../ui/useGo';

interface Props {
  to: string;
  /** Keeps what was just typed. */
  flush: () => Promise<void>;
  /** Stands by itself, and not within words. */
  isButton?: boolean;
  children: ReactNode;
}

/** Leads on once what was just typed is kept: the next page begins with it. */
export function KeptLink({ to, flush, isButton = false, children }: Props) {
  const go = useGo();
  const lead = (e: MouseEvent) => {
    if (e.metaKey || e.ctrlKey) return;
    e.preventDefault();
    flush()
      // What was typed meanwhile.
      .then(flush)
      .then(() => go(to))
      .catch(report);
  };
  if (isButton)
    return (
      <Button component={Link} to={to} variant="outlined" onClick={lead}>
        {children}
      </Button>
    );
  return (
    <Link to={to} onClick={lead}>
      {children}
    </Link>
  );
}
