import { useEffect, useRef, useState } from 'react';
import { ProblemError } from '../../../api/problem';

const WAIT_MS = 120;

/**
 * An answer that follows what is typed: the last one stays until the next is there.
 * @param ask what is asked; undefined while it is not understood
 */
export function useSolved<Ask, Answer>(
  ask: Ask | undefined,
  solve: (ask: Ask) => Promise<Answer>,
): { answer: Answer | undefined; faultAt: (field: string) => string | undefined } {
  const [answer, setAnswer] = useState<Answer>();
  const [problem, setProblem] = useState<ProblemError>();
  const solved = useRef(solve);
  const body = JSON.stringify(ask);
  useEffect(() => {
    if (body === undefined) return undefined;
    let isWanted = true;
    const timer = setTimeout(() => {
      solved.current(JSON.parse(body) as Ask).then(
        (now) => {
          if (!isWanted) return;
          setAnswer(now);
          setProblem(undefined);
        },
        (e: unknown) => {
          if (!(e instanceof ProblemError)) throw e;
          if (isWanted) setProblem(e);
        },
      );
    }, WAIT_MS);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [body]);
  return { answer, faultAt: (field) => problem?.at(`/${field}`) };
}
