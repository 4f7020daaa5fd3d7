import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { report } from '../../../api/report';
import { useGo } from '../../../ui/useGo';

interface Props {
  to: string;
  /** Keeps what was just typed. */
  flush: () => Promise<void>;
  children: ReactNode;
}

/** Leads on once what was just typed is kept: the next page begins with it. */
export function KeptLink({ to, flush, children }: Props) {
  const go = useGo();
  return (
    <Link
      to={to}
      onClick={(e) => {
        if (e.metaKey || e.ctrlKey) return;
        e.preventDefault();
        flush()
          // What was typed meanwhile.
          .then(flush)
          .then(() => go(to))
          .catch(report);
      }}
    >
      {children}
    </Link>
  );
}
