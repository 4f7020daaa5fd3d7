import { useCallback, useState } from 'react';
import type { School } from '../../api/client';

/** The ways chosen for a formula while its page is open. */
export function useWays(id: string) {
  const [ways, setWays] = useState<{ id: string; schools: School[] }>({ id, schools: [] });
  const schools = ways.id === id ? ways.schools : NONE;
  const choose = useCallback(
    (school: School) =>
      setWays((from) => ({
        id,
        schools: [
          ...(from.id === id ? from.schools : []).filter((s) => s.question !== school.question),
          school,
        ],
      })),
    [id],
  );
  return { schools, choose };
}
const NONE: School[] = [];
