import type { Problem } from '../api/client';
import { ProblemError } from '../api/problem';
import { report } from '../api/report';

const FAILED: Problem = {
  title: 'Failed here',
  status: 0,
  errors: [],
  detail: 'That failed on this device. Reload the page, and look whether it was done.',
};

function asRefusal(error: unknown): ProblemError {
  if (error instanceof ProblemError) return error;
  report(error);
  return new ProblemError(FAILED);
}

/** Does something that writes; its refusal, whether thrown or sent back, or nothing. */
export async function refusalOf(deed: () => Promise<unknown>): Promise<ProblemError | undefined> {
  try {
    const outcome = await deed();
    return typeof outcome === 'object' && outcome !== null && 'error' in outcome
      ? asRefusal(outcome.error)
      : undefined;
  } catch (error) {
    return asRefusal(error);
  }
}
